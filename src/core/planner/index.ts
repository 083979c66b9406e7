export type * from './problem';
export type * from './plan';
