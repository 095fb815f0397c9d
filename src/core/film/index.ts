export * from './colour';
export * from './latitude';
export * from './reciprocity';
export * from './speed';
export * from './types';
export * from './tonal-range';
export * from './expired';
export * from './pack';
