export * from './check';
export * from './clash';
export * from './suggest';
export * from './targets';
export { bankWords, THEMES, type Theme } from './word-bank';
export { plainWord, rhymes, soundsLike, syllables, wordsOf } from './words';
