import { design, filling, layer, part, piece, round, soak, tins } from '../design/testing/made';
import { cakeCalled, nameOfInside } from './cake-called';

const cake = (name: string, sponge: string, ...fillings: string[]) =>
  design(name, {
    parts: [
      { ...part('layers', sponge, { layers: tins(2) }), label: sponge },
      { ...part('soak', 'syrup'), label: 'Syrup' },
      ...fillings.map((f, i) => ({ ...part(`filling${i}`, f), label: f })),
    ],
    pieces: [
      piece('cake', round(200), [
        layer('layers', 24),
        soak('soak'),
        ...fillings.flatMap((_, i) => [filling(`filling${i}`, 8), layer('layers', 24)]),
      ]),
    ],
    blocks: [],
  });

describe('what a cake is called', () => {
  const build = { name: 'Harvest cake', design: cake('Harvest cake', 'Walnut sponge', 'Quince curd', 'Honey cream') };
  it('is as its build as long as something of that lies in it', () => {
    expect(cakeCalled(build.design, build)).toBe('Harvest cake');
    expect(cakeCalled(cake('x', 'Lemon sponge', 'Honey cream'), build)).toBe('Harvest cake');
  });
  it('is after what is in it when nothing of its build is left, layers first, and no longer than fits', () => {
    const other = cake('Harvest cake', 'Lemon sponge', 'Fig compote', 'Mint cream', 'Plum compote');
    expect(cakeCalled(other, build)).toBe('Lemon sponge + Fig compote + Mint cream');
    expect(cakeCalled(other, undefined)).toBe('Lemon sponge + Fig compote + Mint cream');
    expect(nameOfInside(other)).toBe('Lemon sponge + Fig compote + Mint cream');
  });
  it('is as it was called where nothing lies in it', () => {
    const empty = { ...build.design, pieces: [] };
    expect(nameOfInside(empty)).toBe('');
    expect([cakeCalled(empty, build), cakeCalled(empty, undefined)]).toEqual(['Harvest cake', 'Harvest cake']);
  });
});
