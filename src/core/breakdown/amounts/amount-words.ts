import { say } from '../../words/say';
/** "452 cm²" of mm². */
export const cm2 = (mm2: number): string => `${Math.round(mm2 / 100)} cm²`;
/** Lengths as they are said: at most a tenth. */
export const mm = (value: number): string => say`${Number(value.toFixed(1))} mm`;
export const cm = (value: number): string => say`${Number((value / 10).toFixed(1))} cm`;
