export { type Block, flow } from './block';
export { lookOf } from './look';
export { sheetPages } from './pages';
export { type KeyPlayer, wayPages } from './way-pages';
