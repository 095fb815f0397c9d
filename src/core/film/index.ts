export * from './latitude';
export * from './reciprocity';
export * from './speed';
export * from './types';
