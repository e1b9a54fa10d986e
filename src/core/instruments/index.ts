export * from './data';
export { isBlackKey } from './keyboard';
export * from './locate';
export { type RecorderSystem, recorderPlace } from './recorder';
export * from './types';
export { VIOLIN_STRINGS, violinPlaces } from './violin';
