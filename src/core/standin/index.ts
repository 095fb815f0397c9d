export * from './eye';
export * from './meter';
export * from './phone';
export * from './picture';
export * from './scene';
export * from './tester';
