export { oneMoreFor, twoMoreFor } from './more';
export { packingOf } from './packing';
export { usesOf } from './uses';
export type * from './types';
