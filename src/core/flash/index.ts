export * from './fill';
export * from './guide-number';
export * from './kinds';
export * from './loss';
export * from './units';
