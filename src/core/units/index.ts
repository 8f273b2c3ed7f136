export * from './constants';
export * from './dimensions';
export * from './format';
export * from './parse';
