export * from './pan';
export * from './shots';
export * from './shutter';
