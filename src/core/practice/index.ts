export * from './next';
export * from './round';
