export * from './build';
export * from './catalogue';
export * from './catalogue/quickLook';
export * from './measure/timing';
export * from './prove';
export * from './trace';
export * from './units';
export * from './work';
