export * from './csv';
export * from './curvesCsv';
export * from './throwsCsv';
export * from './trc';
export * from './motionFiles';
export * from './worthCsv';
