export * from './care';
export * from './mix';
export * from './time';
export * from './types';
export * from './usual';
export * from './run';
