export { oneMoreFor, twoMoreFor } from './more';
export { packingOf, packsFor } from './packing';
export { usesOf } from './uses';
export type * from './types';
