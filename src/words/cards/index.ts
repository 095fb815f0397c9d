export { pocketCard, type CardSize } from './card';
export { cardConditions } from './conditions';
export { cardSvg, fromXml, inXml } from './svg';
