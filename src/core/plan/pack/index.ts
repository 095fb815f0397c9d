export { oneMoreFor } from './one-more';
export { packingOf } from './packing';
export { goesInto, usesOf } from './uses';
export type * from './types';
