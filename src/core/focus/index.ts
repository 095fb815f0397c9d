export * from './choose';
export * from './depth-of-field';
export * from './parallax';
