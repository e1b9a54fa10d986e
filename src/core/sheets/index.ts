export * from './codes';
export * from './marking';
export * from './name-notes';
export * from './spec';
