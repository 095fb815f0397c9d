export * from './exposure-value';
export * from './film-speed';
export * from './filter';
export * from './format';
export * from './normal';
export * from './series';
export * from './srgb';
export * from './stops';
