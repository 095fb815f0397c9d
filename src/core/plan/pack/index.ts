export { oneMoreFor } from './one-more';
export { packingOf } from './packing';
export { usesOf } from './uses';
export type * from './types';
