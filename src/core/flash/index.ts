export * from './guide-number';
export * from './kinds';
