export * from './countable';
export * from './dusk';
export * from './trail';
