export * from './data';
export * from './explain';
export * from './order';
export * from './settings';
export * from './types';
