export { pocketCard, type CardSize } from './card';
export { cardConditions } from './conditions';
export { cardSvg, FRACTION_FONT } from './svg';
