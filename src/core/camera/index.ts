export * from './controls';
export * from './eye';
export * from './frame';
export * from './hand-hold';
export * from './offset';
export * from './programme';
export * from './types';
export * from './kinds';
