export { CAUSE_TEXT, CAUSES, type Cause, type CauseId, causeName, missingNote } from './causes';
export * from './diagnose';
export * from './judge';
export * from './places';
export * from './rules';
export * from './security';
export * from './types';
