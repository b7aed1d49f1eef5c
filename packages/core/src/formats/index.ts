export * from './csv';
export * from './curvesCsv';
export * from './progressCsv';
export * from './throwsCsv';
export * from './timelineCsv';
export * from './trc';
export * from './motionFiles';
export * from './worthCsv';
