export { pocketCard, type CardSize, type PocketCard } from './card';
export { cardConditions } from './conditions';
export { cardSvg, FRACTION_FONT } from './svg';
