import { blockProblems } from '../design/block-problems';
import { starterBlocks } from '../../data/kitchens/starter';
import { blockForm, blockFormOf, blockOf, EMPTY_STAGE, standsBetween, standsOn } from './block-input';

const all = [...starterBlocks.values()];
const of = (id: string) => starterBlocks.get(id)!;
const without = ({ id, ...block }: (typeof all)[number]) => {
  void id;
  return block;
};

describe('work on a cake, as it is typed', () => {
  it.each(all.map((b) => [b.name, b] as const))('%s is laid out and comes back as it was', (_, block) => {
    const form = blockFormOf(block);
    expect(blockForm.isValidSync(form)).toBe(true);
    expect(blockOf(blockForm.validateSync(form), without(block))).toEqual(without(block));
  });

  it('with a stage more stands between the two on each of its ways', () => {
    const ring = of('build-in-a-ring');
    const form = blockFormOf(ring);
    const last = { ...EMPTY_STAGE, name: 'Score the rim', waits: standsBetween(ring.route!.choices) };
    const more = blockOf({ ...form, stages: [...form.stages, last] }, without(ring));
    expect(more.stages.at(-1)).toMatchObject({ key: 'score-the-rim', name: 'Score the rim', skill: null });
    const choices = new Set(ring.between!.map((b) => b.choice));
    expect(more.between).toHaveLength(ring.between!.length + choices.size);
    expect(blockProblems(more)).toEqual([]);
    const twice = blockOf({ ...form, stages: [...form.stages, last, last] }, without(ring));
    expect(twice.stages.map((s) => s.key).slice(-2)).toEqual(['score-the-rim', 'score-the-rim-2']);
  });

  it('gets ways where it had one, and loses them: what stands between its stages is said for each', () => {
    const ring = of('build-in-a-ring');
    const form = blockFormOf(ring);
    const one = { ...form, ways: [], thaw: { ...form.thaw, way: '' } };
    one.stages = one.stages.map((s, i) => (i === 0 ? s : { ...s, waits: standsOn([], s.waits) }));
    const plain = blockOf(one, without(ring));
    expect([plain.route, plain.thaw!.choice, plain.between!.every((b) => b.choice === undefined)]).toEqual([
      ...[undefined, undefined, true],
    ]);
    expect(blockProblems(plain)).toEqual([]);
    const ways = [
      { key: 'shelf', name: 'On the shelf' },
      { key: 'blast', name: 'In the blast chiller' },
    ];
    const again = { ...blockFormOf({ id: 'own', ...plain }), ways };
    again.stages = again.stages.map((s, i) => (i === 0 ? s : { ...s, waits: standsOn(ways, s.waits) }));
    again.thaw.way = 'blast';
    const both = blockOf(again, plain);
    expect(both.route!.choices).toEqual(ways);
    expect(both.between!.map((b) => b.choice)).toEqual(both.stages.slice(1).flatMap(() => ['shelf', 'blast']));
    expect(blockProblems(both)).toEqual([]);
    // A thaw on a way that is not there any more is told.
    expect(blockProblems(blockOf({ ...again, thaw: { ...again.thaw, way: 'gone' } }, plain))).toHaveLength(1);
    expect(blockForm.isValidSync({ ...again, ways: ways.slice(1) })).toBe(false);
  });

  it('keeps what a wait costs, and lets go of waits that are switched off', () => {
    const coat = of('crumb-coat');
    const form = blockFormOf(coat);
    const firmer = blockOf({ ...form, before: { ...form.before, min: 75 } }, without(coat));
    expect(firmer.before).toEqual({ ...coat.before, min: 75 });
    expect(blockOf({ ...form, before: { ...form.before, stands: false } }, without(coat)).before).toBeUndefined();
  });

  it('says beside its field what is wrong', () => {
    const form = blockFormOf(of('drip'));
    const problemsOf = (change: object, stage: object = {}) => {
      try {
        blockForm.validateSync(
          { ...form, stages: form.stages.map((s) => ({ ...s, ...stage })), ...change },
          { abortEarly: false },
        );
        return [];
      } catch (e) {
        return (e as { inner: { path: string }[] }).inner.map((x) => x.path);
      }
    };
    expect(problemsOf({ name: ' ' })).toEqual(['name']);
    expect(problemsOf({}, { likely: 1, low: 3 })).toEqual(['stages[0].likely']);
    expect(problemsOf({}, { perTier: 'x' })).toEqual(['stages[0].perTier']);
    expect(problemsOf({ after: { ...form.after, min: 20, max: 10 } })).toEqual(['after.max']);
    expect(problemsOf({}, { check: { kind: 'level', text: '', otherwise: '' } })).toEqual([
      'stages[0].check.text',
      'stages[0].check.otherwise',
    ]);
  });
});
