export * from './aim';
export * from './choose';
export * from './close-up';
export * from './depth-of-field';
export * from './extension';
export * from './parallax';
export * from './stand';
