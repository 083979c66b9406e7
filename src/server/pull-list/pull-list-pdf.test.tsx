import { extractText } from 'unpdf';
import type { PullList } from '../../core/pull-list/pull-list';
import { printable } from '../shared/print-font';
import type { PullListView } from './pull-list';
import { pullListPdf } from './pull-list-pdf';

const NAMES = [
  'Łukasz Żółć',
  'Dvořák & Řeháková',
  'Ğülşah Şahin',
  'Ængström Øre',
  'Ștefan Țuțea',
  'Ñuñoa Peña',
  'Őry Űrhajó',
];

const list: PullList = {
  weighOuts: NAMES.map((forWhom, i) => ({
    ...{ key: `w${i}`, step: `o${i}.layers.mix` as never, at: 600 + i, formula: 'x', formulaName: `Sponge ${i}` },
    ...{ forWhom, grams: 1480, into: '2 × 740 g into round 20 cm → oven', warns: false },
    lines: [{ ingredient: 'flour', name: 'Plain flour, ½ sifted', grams: 250, exact: 250, distortion: 0, count: null }],
  })),
  tasks: [{ key: 't', kind: 'take out', at: 500, text: 'Take ⅓ of the butter out', steps: ['Mix'], forWhom: NAMES }],
  eggs: { crack: 4, eggWeight: 58, whole: 200, whites: 0, yolks: 0, left: { whites: 0, yolks: 0 }, canUse: [] },
  shopping: [{ supplier: 'Mlékárna Čapek', lines: [{ ingredient: 'b', name: 'Butter', needed: 900, buy: 400 }] }],
} as unknown as PullList;

const view: PullListView = {
  ...{ kitchen: 'Kuchyně U Žáby', clock: { origin: '2027-05-20T00:00:00Z', zone: 'UTC' }, day: '2027-05-20', days: 1 },
  ...{
    title: 'Thursday',
    list,
    orderBy: { 'Mlékárna Čapek': { text: 'Order by Fri.', late: false } },
    ticked: [],
    batches: { proposed: [], made: [] } as never,
  },
};

describe('what is printed', () => {
  it('reads back as it was written, every name of the Latin alphabet', async () => {
    const pdf = await pullListPdf(view);
    const { text } = await extractText(new Uint8Array(pdf), { mergePages: true });
    for (const name of [...NAMES, 'Kuchyně U Žáby', 'Mlékárna Čapek']) expect(text).toContain(name);
    expect(text).toContain('2 × 740 g into round 20 cm > oven');
    expect(text).toContain('½ sifted');
    expect(text).toContain('Order by Fri.');
    expect(text).toContain('Take 1⁄3 of the butter out');
  });
  it('has no letter that the font lacks', () => {
    expect(printable('→ ✓ ½ ⅔ é Łódź')).toBe('> x ½ 2⁄3 é Łódź');
    expect(printable('日本')).toBe('??');
    expect(printable('')).toBe('');
  });
});
