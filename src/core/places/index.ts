export { findTowns, keyed, type KeyedTown, type Town } from './find';
