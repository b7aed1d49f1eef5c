export * from './compare';
