export * from './kinds';
export * from './next';
export * from './round';
