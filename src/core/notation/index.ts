export * from './clefs';
export * from './grand';
export * from './key';
export * from './letters';
export * from './naming';
export * from './pitch';
export * from './positions';
export * from './terms';
