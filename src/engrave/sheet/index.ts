export { type Block, flow } from './block';
export { drawFooter, type SheetPrint } from './head';
export { LETTER_MARKS } from './letter-marks';
export { lookOf } from './look';
export { sheetBlocks, sheetPages } from './pages';
export { type KeyPlayer, wayPages } from './way-pages';
