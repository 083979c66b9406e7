import { finder, folded } from './finder';

const THINGS = [
  { name: 'Crème of rhubarb', more: 'butter egg' },
  { name: 'Quince curd', more: 'egg lemon' },
  { name: 'Butter genoise', more: 'flour egg' },
  { name: 'Vanilla buttercream', more: 'sugar' },
  { name: 'Smørbakt base', more: 'spelt' },
];
const find = finder(THINGS, (t) => t);
const names = (typed: string) => find(typed).map((h) => h.item.name);

describe('finding', () => {
  it('shows all, as they are, where nothing is typed', () => {
    expect(names('  ')).toEqual(THINGS.map((t) => t.name));
  });
  it('does not mind marks on letters, nor capitals', () => {
    expect(names('CREME')).toEqual(['Crème of rhubarb']);
    expect(names('crème')).toEqual(['Crème of rhubarb']);
    expect(names('smorb')).toEqual(['Smørbakt base']);
    expect(folded('Straße, Łódź')).toBe('strasse, lodz');
  });
  it('asks for all words, each from its beginning', () => {
    expect(names('egg lem')).toEqual(['Quince curd']);
    expect(names('egg spelt')).toEqual([]);
  });
  it('finds what a word ends with, as names are often put together', () => {
    expect(names('cream')).toEqual(['Vanilla buttercream']);
  });
  it('puts what is called so before what only holds it', () => {
    expect(names('butter').slice(-1)).toEqual(['Crème of rhubarb']);
    expect(names('butter')).toHaveLength(3);
  });
  it('forgives a mistyped letter, where nothing is written so', () => {
    expect(names('quinse')).toEqual(['Quince curd']);
    expect(names('rubarb')).toEqual(['Crème of rhubarb']);
    expect(names('genoisse')).toEqual(['Butter genoise']);
    expect(names('genosie')).toEqual(['Butter genoise']);
    // Short words are too like each other.
    expect(names('ogg')).toEqual([]);
  });
});
