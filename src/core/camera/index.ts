export * from './controls';
export * from './frame';
export * from './hand-hold';
export * from './types';
export * from './kinds';
