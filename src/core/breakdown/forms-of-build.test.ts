import { starterBuilds } from '../../data/kitchens/starter';
import type { Form } from '../shape/form';
import type { Build } from '../design/build';
import type { Layers } from '../design/design';
import { cuttingForms, formsOfBuild } from './forms-of-build';
import type { Mould } from './kitchen';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const square = (side: number): Form => ({ form: 'square', side });
const mould = (form: Form, use: Mould['use'] = 'tin', owned = 1): Mould => ({ kind: 'x', use, form, owned });
const build = (layers: Layers[], more: Partial<Build> = {}): Build => {
  // A build that has no sizes of its own.
  const first = starterBuilds.find((b) => b.id === 'walnut-ganache')!;
  const parts = layers.map((from, i) => ({ ...first.design.parts[0]!, role: `r${i}`, layers: from }));
  return { ...first, mould: 'tin', design: { ...first.design, parts }, ...more };
};
const sheet = { length: 600, width: 400 };
const plain = build([]);

describe('the forms that a build can have', () => {
  it('are those of its own kind of mould that the kitchen owns, each once', () => {
    const moulds = [mould(round(200)), mould(round(200)), mould(round(150), 'tin', 0), mould(round(180), 'ring')];
    expect(formsOfBuild(plain, moulds)).toEqual([round(200)]);
    expect(formsOfBuild({ ...plain, mould: 'ring' }, moulds)).toEqual([round(180)]);
  });
  it('are its own sizes where it has some', () =>
    expect(formsOfBuild({ ...plain, sizes: [round(120)] }, [mould(round(200))])).toEqual([round(120)]));
  it('are none that its sheets are too small for; as two halves a disc may be wider', () => {
    const sizes = [round(240), round(390), round(410), round(700)];
    const of = (layers: Layers) => formsOfBuild(build([layers], { sizes }), []);
    expect(of({ from: 'sheets', sheet })).toEqual(sizes.slice(0, 2));
    expect(of({ from: 'sheets', sheet, halves: true })).toEqual(sizes.slice(0, 3));
    expect(of({ from: 'own size', sheet })).toEqual(sizes.slice(0, 2));
    // What has corners is cut whole or not at all.
    const wide = formsOfBuild(
      build([{ from: 'sheets', sheet, halves: true }], { sizes: [square(390), square(410)] }),
      [],
    );
    expect(wide).toEqual([square(390)]);
  });
});

describe('cakes that are cut in the kitchen', () => {
  const moulds = [
    ...[mould(square(200), 'square tin'), mould({ form: 'rectangle', length: 300, width: 200 }, 'shaped tin')],
    ...[
      mould(round(200)),
      mould(square(250), 'square tin', 0),
      mould(square(300), 'sheet'),
      mould(square(310), 'ring'),
    ],
    mould(square(200), 'tin'),
  ];
  it('have right angles, in tins that are there', () => {
    expect(cuttingForms(plain, moulds)).toEqual([square(200), { form: 'rectangle', length: 300, width: 200 }]);
    expect(cuttingForms({ ...plain, mould: 'square tin' }, moulds)).toHaveLength(2);
  });
  it('are only for builds that bake in tins', () =>
    expect(cuttingForms({ ...plain, mould: 'ring' }, moulds)).toEqual([]));
});
