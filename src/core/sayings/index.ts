export * from './defaults';
export * from './sayings';
export * from './types';
