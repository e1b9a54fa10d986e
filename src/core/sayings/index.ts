export * from './defaults';
export * from './fade';
export * from './sayings';
export * from './types';
