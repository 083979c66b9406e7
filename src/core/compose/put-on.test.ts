import { demoLibrary as kitchen } from '../../data/kitchens/demo-parts';
import { starterBuilds } from '../../data/kitchens/starter';
import { breakDown } from '../breakdown/break-down';
import type { AmountRule } from '../design/amount-rule';
import { designIn } from '../design/design-in';
import type { Design } from '../design/design';
import { cannotBeMade } from '../design/problems';
import { orderId } from '../ids/ids';
import type { Form } from '../shape/form';
import { beginsIn, formulasFor } from './begins-as';
import { withAmount, withBlock, withBlockOn, withoutBlock } from './edits/blocks';
import { drawnPieces } from './drawn';
import { withLies, withTexture } from './edits/lies';
import { withTierOnTop } from './edits/pieces';
import { putOn } from './put-on';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const plain = (forms: Form[]): Design =>
  designIn(
    starterBuilds.find((b) => b.id === 'walnut-ganache')!,
    forms,
  );
const block = (id: string) => kitchen.blocks.get(id)!;
const formula = (id: string) => kitchen.formulas.get(id)!;

const with9 = (design: Design, amount: AmountRule, id = 'place', by = 'paste-blossoms') =>
  withBlock(design, block(id), kitchen.blocks, { by: formula(by), amount });
const keyOf = (design: Design, id: string) => design.blocks.findLast((b) => b.block === id)!.key;
const broken = (design: Design) => breakDown({ id: orderId(1), design, inscription: '' }, kitchen);
const seen = (design: Design, role: RegExp) =>
  putOn(design, broken(design), kitchen.blocks).map((all) =>
    all.filter((p) => role.test(p.role)).map(({ as, where, count }) => `${count} ${as} ${where}`),
  );
const PIECES: AmountRule = { rule: 'pieces', per: 'cake', count: 9, grams: 6 };

describe('what is put on a cake', () => {
  const cake = with9(plain([round(240)]), PIECES);
  const key = keyOf(cake, 'place');
  const role = cake.blocks.find((b) => b.key === key)!.takes[0]!.role;

  it('lies all over the top where nobody has said it, one alone in the middle, and where somebody has said', () => {
    expect(seen(cake, new RegExp(role))).toEqual([['9 items top']]);
    expect(seen(withAmount(cake, key, 0, { ...PIECES, count: 1 }), new RegExp(role))).toEqual([['1 items middle']]);
    expect(seen(withLies(cake, key, 0, { where: 'spot', hour: 4 }), new RegExp(role))).toEqual([['9 items spot']]);
  });

  it('is on the uppermost tier what is counted for the cake, at the foot on the lowest, and so far apart on each', () => {
    const two = withTierOnTop(cake, round(150), kitchen.blocks);
    expect(seen(two, new RegExp(role))).toEqual([[], ['9 items top']]);
    expect(seen(withLies(two, key, 0, { where: 'foot' }), new RegExp(role))).toEqual([['9 items foot'], []]);
    const apart = withAmount(two, key, 0, { ...PIECES, every: 50 });
    // π × 240 / 50 and π × 150 / 50, whole ones.
    expect(seen(apart, new RegExp(role))).toEqual([['15 items rim'], ['9 items rim']]);
    const b = broken(apart).components.find((c) => c.role === role)!;
    expect(b.amount.pieces).toBe(24);
    expect(b.amount.because).toContain('every 5 cm around');
  });

  it('is on the cake, not on what stands beside it to be cut', () => {
    const beside = with9(plain([round(240), round(150), round(180)]), PIECES);
    const own = beside.blocks.find((b) => b.block === 'place')!.takes[0]!.role;
    expect(seen(beside, new RegExp(`^${own}$`))).toEqual([[], ['9 items top'], []]);
  });

  it('is only on the pieces that its work is on', () => {
    const two = withTierOnTop(cake, round(150), kitchen.blocks);
    const lower = withBlockOn(two, key, [two.pieces[0]!.key]);
    expect(seen(lower, new RegExp(role))).toEqual([['9 items top'], []]);
  });

  it('is told to the bench as soon as somebody has said it, in turn with what it lies in turn with', () => {
    const how = (d: Design) => broken(d).steps.find((s) => s.id === `o1.stage.${key}` || s.id.endsWith(`.${key}`))!.how;
    const label = cake.parts.find((p) => p.role === role)!.label;
    expect(how(cake)).not.toContain(label);
    expect(how(withLies(cake, key, 0, { where: 'rim' }))).toContain(`${label}: around the rim.`);
    const both = withBlock(cake, block('pipe'), kitchen.blocks, {
      by: formulasFor('pipe', kitchen.formulas.values())[0]!,
      amount: { rule: 'rosettes', spacing: 45, grams: 8 },
    });
    const piped = keyOf(both, 'pipe');
    const frosting = both.parts.find((p) => p.role === both.blocks.find((b) => b.key === piped)!.takes[0]!.role)!;
    const turns = withAmount(withLies(both, key, 0, { where: 'rim', inTurnWith: piped }), key, 0, {
      ...PIECES,
      every: 45,
    });
    expect(how(turns)).toContain(`${label}: around the rim, one every 45 mm, in turn with ${frosting.label}.`);
    const drawn = putOn(turns, broken(turns), kitchen.blocks)[0]!;
    expect(drawn.filter((p) => p.turn).map((p) => [p.as, p.turn])).toEqual([
      ['dabs', { nth: 0, of: 2 }],
      ['items', { nth: 1, of: 2 }],
    ]);
    // What it lay in turn with is taken out again.
    const alone = withoutBlock(turns, piped, kitchen.blocks);
    expect(alone.blocks.find((b) => b.key === key)!.takes[0]!.lies).toEqual({ where: 'rim' });
    expect(cannotBeMade(alone, kitchen)).toEqual([]);
  });

  it('a coat is finished as somebody says, which the bench reads and the section shows; a band adds no height', () => {
    const place = { block: cake.blocks.find((b) => b.takes.some((t) => t.amount?.rule === 'coat'))! };
    const at = place.block.takes.findIndex((t) => t.amount?.rule === 'coat');
    const coat = place.block.takes[at]!;
    const combed = withTexture(cake, place.block.key, at, 'combed');
    const label = cake.parts.find((p) => p.role === coat.role)!.label;
    const step = broken(combed).steps.find((s) => s.id.endsWith(`.${place.block.key}`))!;
    expect(step.how).toContain(`${label}: combed.`);
    const drawn = (d: Design) => drawnPieces(d, broken(d), kitchen.blocks)[0]!;
    expect(drawn(combed).coats).toContainEqual(expect.objectContaining({ texture: 'combed' }));
    expect(withTexture(combed, place.block.key, at, null)).toEqual(cake);
    if (coat.amount?.rule !== 'coat') throw new Error('It is a coat.');
    const band = withAmount(cake, place.block.key, at, { ...coat.amount, on: { band: 40 } });
    const own = drawn(band).coats.find((c) => c.beside)!;
    expect(own.side).toBe(40);
    expect(drawn(band).height).toBeLessThan(drawn(cake).height);
  });

  it.each<[string, (d: Design) => Design, RegExp]>([
    ['a turn with nothing', (d) => withLies(d, key, 0, { where: 'rim', inTurnWith: 'nobody' }), /lie in turn with/],
    ['a turn with itself', (d) => withLies(d, key, 0, { where: 'rim', inTurnWith: key }), /lie in turn with/],
    ['a thirteenth hour', (d) => withLies(d, key, 0, { where: 'spot', hour: 13 }), /1 to 12/],
    ['one in the other', (d) => withAmount(d, key, 0, { ...PIECES, every: 0 }), /5 mm apart/],
  ])('refuses %s', (_, edit, message) => {
    expect(cannotBeMade(edit(cake), kitchen)).toEqual([
      expect.objectContaining({ message: expect.stringMatching(message) }),
    ]);
  });

  it('begins in the free space where that is: piped around the foot, strewn in a band, placed at the rim', () => {
    expect(beginsIn('pipe', 'foot')).toEqual({
      amount: { rule: 'border', nozzle: 'star 10 mm', where: 'foot' },
      lies: null,
    });
    expect(beginsIn('strew', 'foot')!.amount).toMatchObject({ rule: 'strewn', height: 30 });
    expect(beginsIn('place', 'top')!.lies).toEqual({ where: 'rim' });
    expect(beginsIn('place', 'foot')!.lies).toEqual({ where: 'foot' });
    expect(beginsIn('place', null)!.lies).toBeNull();
    expect(beginsIn('stand', 'top')).toBeNull();
  });

  it('comes after the tiers stand where a tier is put under it later', () => {
    const two = withTierOnTop(cake, round(150), kitchen.blocks);
    const kinds = two.blocks.map((b) => kitchen.blocks.get(b.block)!.kind);
    expect(kinds.indexOf('stand')).toBeLessThan(kinds.indexOf('place'));
    expect(kinds.indexOf('stand')).toBeGreaterThan(kinds.lastIndexOf('coat'));
  });
});
