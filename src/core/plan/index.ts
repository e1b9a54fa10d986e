export * from './simulate';
