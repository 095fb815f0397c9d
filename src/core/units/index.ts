export * from './exposure-value';
export * from './film-speed';
export * from './format';
export * from './series';
export * from './stops';
