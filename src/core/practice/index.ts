export * from './course';
export * from './drawn';
export * from './drill';
export * from './eye';
export * from './schedule';
export * from './schools-compared';
export * from './skills';
export * from './types';
