export type { Card } from './card';
export { cardPages } from './card-pages';
export { cardCorner } from './grid';
export { type CardOptions, cardsFor } from './make-cards';
export { cardTestPages } from './test-page';
