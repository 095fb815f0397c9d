export * from './light';
export * from './outcome';
export * from './settings';
