export * from './flash';
export * from './light';
export * from './outcome';
export * from './remedy';
export * from './settings';
