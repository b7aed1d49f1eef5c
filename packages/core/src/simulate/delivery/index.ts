export * from './delivery';
export * from './film';
export { plantedFlaws } from './planted';
export * from './lab';
