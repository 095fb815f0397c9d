export * from './flash';
export * from './light';
export * from './outcome';
export * from './remedy';
export * from './settings';
export * from './range';
export * from './readings';
export * from './sun';
