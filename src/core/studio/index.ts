export * from './floor';
export * from './lamp';
export * from './loss';
export * from './lamp-colours';
