export * from './eye';
export * from './meter';
export * from './picture';
export * from './scene';
export * from './tester';
