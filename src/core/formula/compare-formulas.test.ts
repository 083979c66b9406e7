import { ENTERED } from '../breakdown/testing/entered-formulas';
import { compareFormulas } from './compare-formulas';

const [, custard] = ENTERED;
const nameOf = (id: string) => id.toUpperCase();

it('says nothing of what is the same', () => {
  for (const f of ENTERED) expect(compareFormulas(f, structuredClone(f), nameOf)).toEqual([]);
});

it('puts beside each other what differs: lines, steps, waits, figures', () => {
  const next = structuredClone(custard!);
  next.lines[0]!.grams = 640;
  next.lines.pop();
  next.parts![0]!.note = 'soft';
  next.steps[0]!.minutes.likely = 14;
  next.steps[2]!.name = 'Fold it';
  next.waits[1]!.min = 70;
  next.loss = 0.05;
  expect(compareFormulas(custard!, next, nameOf)).toEqual([
    { what: 'Loss', was: '3 %', is: '5 %' },
    { what: 'MILK', was: '600 g', is: '640 g' },
    { what: 'GELATINE', was: '8 g', is: '' },
    { what: 'SOFT-CREAM', was: '200 g', is: '200 g, soft' },
    expect.objectContaining({ what: 'Cook the custard', is: expect.stringContaining('14 min') }),
    expect.objectContaining({ what: 'Fold the cream in', is: '' }),
    expect.objectContaining({ what: 'Fold it', was: '' }),
    expect.objectContaining({ what: 'Melt the gelatine in → Fold the cream in', is: '' }),
    expect.objectContaining({ what: 'Melt the gelatine in → Fold it', is: expect.stringContaining('1 h 10') }),
  ]);
});
