export * from './layout';
export * from './stitch';
