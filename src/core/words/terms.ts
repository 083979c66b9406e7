import { say } from './say';

/**
 * Words of the trade that are keys of the program as well: places, allergens, purposes, batters, kinds of forms and cuts. The core names them
 * by these words, `term` says them. A key that is shown and stands in no list here is found by the test.
 */
export const TERMS: readonly string[] = [
  ...[say`bench`, say`fridge`, say`freezer`, say`dry box`, say`oven`, say`machine`, say`hands`],
  ...[say`begun`, say`running`, say`overdue`, say`done`],
  ...[say`gluten`, say`egg`, say`milk`, say`nuts`, say`peanut`, say`sesame`, say`soya`, say`sulphites`],
  ...[say`alcohol`, say`gelatine`, say`raw egg`, say`honey`, say`not confirmed`],
  ...[say`layers`, say`base`, say`soak`, say`filling`, say`set filling`, say`frosting`, say`cover`, say`glaze`],
  ...[say`decoration`, say`fruit`, say`panels`, say`crumbs`],
  ...[say`butter`, say`foam`, say`chiffon`, say`oil`, say`sheet`, say`yeast`],
  ...[say`finger`, say`party`, say`dessert`],
  ...[say`crumb`, say`final`],
  ...[say`one cake`, say`tiers`, say`cakes side by side`, say`with cutting cakes`],
  ...[say`round`, say`square`, say`rectangle`, say`ring`, say`hexagon`, say`heart`, say`petal`, say`half-sphere`],
  ...[say`loaf`, say`log`, say`roll`, say`house`],
  ...[say`metric`, say`imperial`, say`Australia`, say`Canada`, say`Japan`, say`US`],
  ...[say`custard, in the pan`, say`custard, spread thin`, say`filled cake`, say`layer in the tin`],
  ...[say`layer on a rack`, say`sheet sponge`, say`ganache`, say`mousse in a ring`],
];
