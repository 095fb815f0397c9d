export { compare, type Held } from './compare';
export type { YearOfLight } from './over-year';
export { compareWork } from './work';
export type * from './types';
