export * from './guide-number';
