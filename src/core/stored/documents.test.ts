import type { FormerBuild } from './build-before-designs';
import buildsV3 from './testing/builds-v3.json' with { type: 'json' };
import { startingCoefficients } from '../breakdown/figures/starting-figures';
import { starterBuilds } from '../../data/kitchens/starter';
import { starterFormulas } from '../../data/kitchens/starter';
import { NO_EDITS, withEdit } from '../steering/edit-history';
import { editFor, NO_ADJUSTMENTS, type Adjustment, type MadeEdit } from '../steering/plan-edit';
import { buildCodec } from './build';
import type { Codec } from './codec';
import { eventCodec } from './event';
import { formulaCodec } from './formula';
import { editHistoryCodec } from './histories';
import { figuresCodec } from './kitchen-figures';
import { answersCodec } from './order-answers';
import { editCodec } from './plan-edit';

/** As a database gives back what it was given. */
const stored = <T>(codec: Codec<T>, value: T): unknown => JSON.parse(JSON.stringify(codec.write(value)));
const roundTrip = <T>(codec: Codec<T>, value: T) => codec.read(stored(codec, value));
const problemsOf = <T>(codec: Codec<T>, body: unknown) => {
  const read = codec.read(body);
  return read.ok ? [] : read.problems.map((p) => p.path);
};
const spoilt = <T>(codec: Codec<T>, value: T, change: object) =>
  problemsOf(codec, { ...(stored(codec, value) as object), ...change });

/** The builds that shipped before they were designs, as they were stored. */
const BUILDS_V3 = buildsV3 as unknown as FormerBuild[];

describe('stored documents', () => {
  it('every formula and build comes back as it was', () => {
    for (const f of starterFormulas) expect(roundTrip(formulaCodec, f)).toEqual({ ok: true, value: f });
    for (const b of starterBuilds) expect(roundTrip(buildCodec, b)).toEqual({ ok: true, value: b });
  });

  it('a formula with something wrong in it is refused, with the place', () => {
    const [f] = starterFormulas;
    const lines = [f!.lines[0]!, { ...f!.lines[1]!, grams: 'much' }];
    expect(spoilt(formulaCodec, f!, { lines })).toEqual(['lines.1.grams']);
    expect(spoilt(formulaCodec, f!, { purpose: 'roof' })).toEqual(['purpose']);
    expect(spoilt(formulaCodec, f!, { keeping: null })).toContain('keeping');
    const step = { ...f!.steps[0]!, check: { kind: 'sings', text: 'Does it sing?', otherwise: 'Wait.' } };
    expect(spoilt(formulaCodec, f!, { steps: [step] })).toEqual(['steps.0.check.kind']);
  });

  it('a build of before designs becomes the design that ships today, with the keys of its stages and its waits as they were', () => {
    expect(BUILDS_V3).toHaveLength(17);
    for (const before of BUILDS_V3) {
      const read = buildCodec.read(before);
      expect(read).toEqual({ ok: true, value: starterBuilds.find((b) => b.id === before.id)! });
      if (!read.ok) continue;
      expect(read.value.design.blocks.map((b) => b.key)).toEqual(before.stages.map((s) => s.key));
      expect(read.value.design.waits).toEqual(before.waits);
    }
  });

  it('a rule for amounts that nobody knows is refused', () => {
    const [b] = starterBuilds;
    const block = { ...b!.design.blocks[0]!, takes: [{ role: 'layers', amount: { rule: 'by feel' } }] };
    const design = { ...b!.design, blocks: [block] };
    expect(spoilt(buildCodec, b!, { design })).toEqual(['design.blocks.0.takes.0.amount']);
  });

  it('figures that began wrong are put right where nobody has touched them', () => {
    const first = (coefficients: object) => {
      const read = figuresCodec.read({ format: 'zest-ladder/kitchen-figures', version: 1, coefficients, choices: {} });
      if (!read.ok) throw new Error(read.problems.map((p) => p.path).join());
      return read.value.coefficients;
    };
    const begun = {
      portions: { partyArea: 40, dessertArea: 25, sliceWidth: 30 },
      drip: { gramsPerCm2: 1, meanLength: 40 },
    };
    const untouched = first({ ...begun, cutting: { wedgeRim: 50, stripWidth: 50 } });
    expect(untouched).toEqual(startingCoefficients);
    const own = first({
      portions: { partyArea: 38, dessertArea: 30, sliceWidth: 25 },
      drip: { gramsPerCm2: 0.8, meanLength: 60 },
      cutting: { wedgeRim: 42, stripWidth: 50 },
    });
    expect(own.portions).toMatchObject({ partyArea: 38, dessertArea: 30, sliceWidth: 25, fingerArea: 6.25 });
    expect([own.drip, own.cutting.wedgeRim]).toEqual([
      { gramsPerCm2: 0.8, meanLength: 60 },
      { finger: 20, party: 30, dessert: 42 },
    ]);
  });

  it('a build of before loses its finish, and its ring is filled with what is free', () => {
    const base = { ...BUILDS_V3[0]!, layers: 1, layerHeight: 80, finish: 3 };
    const part = (role: string, amount: object) => ({ role, label: role, formula: role, amount });
    const components = [
      part('base', { rule: 'discs', sheet: { length: 600, width: 400 } }),
      part('heart', { rule: 'mould', share: 0.14 }),
      part('mousse', { rule: 'mould', share: 0.72 }),
      part('glaze', { rule: 'glaze' }),
    ];
    const read = buildCodec.read({ ...base, components, format: 'zest-ladder/build', version: 1 });
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const [piece] = read.value.design.pieces;
    expect(piece!.ringHeight).toBe(80);
    expect(read.value).not.toHaveProperty('finish');
    expect(piece!.inside).toEqual([
      { is: 'layer', role: 'base', mm: 8 },
      { is: 'rest', role: 'mousse' },
      { is: 'insert', role: 'heart', mm: 11, inset: 0 },
      { is: 'rest', role: 'mousse' },
    ]);
    const plain = buildCodec.read({ ...BUILDS_V3[0]!, finish: 8, format: 'zest-ladder/build', version: 1 });
    expect(plain).toEqual({ ok: true, value: starterBuilds[0]! });
  });

  it('a build of before is told which of its stages writes, and that stage is named after it only where something is written', () => {
    const stage = (name: string) => ({ ...BUILDS_V3[0]!.stages[0]!, name });
    const before = {
      ...BUILDS_V3[0]!,
      stages: [stage('Pipe and inscribe'), stage('Blossoms, inscription'), stage('Box')],
    };
    const read = buildCodec.read({ ...before, format: 'zest-ladder/build', version: 2 });
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(read.value.design.blocks.map((b) => b.ownStages![0]!).map((s) => [s.name, s.inscribes ?? false])).toEqual([
      ['Pipe and [inscription:inscribe]', true],
      ['Blossoms, [inscription:inscription]', true],
      ['Box', false],
    ]);
  });

  it('figures that an older kitchen has not take their starting values', () => {
    const older: Partial<typeof startingCoefficients> = { ...startingCoefficients };
    delete older.daysAhead;
    delete older.portions;
    const changed = { ...older, crumbCoat: 3, portions: { partyArea: 44 } };
    expect(figuresCodec.read({ coefficients: changed, choices: { cloth: 'dry' } })).toEqual({
      ok: true,
      value: {
        coefficients: {
          ...startingCoefficients,
          crumbCoat: 3,
          portions: { ...startingCoefficients.portions, partyArea: 44 },
        },
        choices: { cloth: 'dry' },
      },
    });
    // Later versions have them all: one that is missing is damage.
    const value = { coefficients: startingCoefficients, choices: {} };
    expect(roundTrip(figuresCodec, value)).toEqual({ ok: true, value });
    expect(spoilt(figuresCodec, value, { coefficients: older })).toContain('coefficients.daysAhead');
  });

  it('a drum has a weight and some hours are the last where they were not; what a kitchen says of it stays', () => {
    const { lastHours, ...figures } = startingCoefficients;
    const { drumDensity, ...stand } = figures.stand;
    const read = (of: object) =>
      figuresCodec.read({
        ...{ format: 'zest-ladder/kitchen-figures', version: 2, choices: {} },
        coefficients: { ...figures, stand: of },
      });
    const drums = { ...stand, drumMargin: 70 };
    expect(read(drums)).toMatchObject({
      ok: true,
      value: { coefficients: { stand: { ...drums, drumDensity }, lastHours } },
    });
    const value = { coefficients: { ...startingCoefficients, stand: { ...drums, drumDensity: 0.6 } }, choices: {} };
    expect(roundTrip(figuresCodec, value)).toEqual({ ok: true, value });
  });

  it('an order’s answers know every form, and no other', () => {
    const answers = {
      tiers: [
        { form: 'round' as const, diameter: 240 },
        { form: 'loaf' as const, topLength: 250, topWidth: 110, bottomLength: 230, bottomWidth: 90 },
      ],
      ...{ without: ['roses'], swaps: { filling: 'quince-curd' }, overrides: { filling: 900 } },
      ...{ choices: { cloth: 'dry' }, versions: { genoise: 2 }, avoid: ['nuts' as const] },
    };
    expect(roundTrip(answersCodec, answers)).toEqual({ ok: true, value: answers });
    expect(spoilt(answersCodec, answers, { tiers: [{ form: 'star', points: 5 }] })).toEqual(['tiers.0']);
    expect(spoilt(answersCodec, answers, { avoid: ['water'] })).toEqual(['avoid.0']);
  });
});

describe('stored edits', () => {
  const adjustments: Adjustment[] = [
    { kind: 'pin', key: 'o1.stack', to: { start: 600, people: ['ines'], equipment: ['mixer-1'] } },
    { kind: 'give', key: 'o1.coat', to: ['bo'] },
    { kind: 'away', key: 'bo', to: [[100, 200]] },
    { kind: 'longer', key: 'bo', to: [[300, 360]] },
    { kind: 'lend', key: 'bo', to: ['bake'] },
    { kind: 'closed', key: 'oven-1', to: [[0, 60]] },
    { kind: 'more', key: 'tin 20 cm', to: 2 },
    { kind: 'order', key: '3', to: { without: ['roses'] } },
  ];
  const made: MadeEdit = { id: 9, edit: editFor(NO_ADJUSTMENTS, adjustments), undoes: null, before: 4 };

  it('come back whatever they change, several at once among them', () => {
    const { edit, undoes, before } = made;
    const body = { edit, undoes, before };
    expect(roundTrip(editCodec, body)).toEqual({ ok: true, value: JSON.parse(JSON.stringify(body)) });
    for (const [i, adjustment] of adjustments.entries()) {
      const one = { edit: editFor(NO_ADJUSTMENTS, [adjustment]), undoes: i, before: i };
      expect(roundTrip(editCodec, one)).toMatchObject({ ok: true });
    }
    expect(spoilt(editCodec, body, { edit: { kind: 'paint', key: 'oven-1', from: null, to: null } })).toEqual(['edit']);
    expect(spoilt(editCodec, body, { before: null })).toEqual(['before']);
  });

  it('come back with all that they came to', () => {
    const history = withEdit(NO_EDITS, made);
    expect(roundTrip(editHistoryCodec, history)).toEqual({ ok: true, value: JSON.parse(JSON.stringify(history)) });
  });
});

describe('stored events', () => {
  it('are read by their kind, and by no other', () => {
    const start = { step: 'o1.stack', people: ['ines'], equipment: [] };
    expect(roundTrip(eventCodec('start')!, start)).toEqual({ ok: true, value: start });
    expect(problemsOf(eventCodec('extend')!, start)).toEqual(['minutes', 'minutes']);
    expect(problemsOf(eventCodec('take back')!, eventCodec('start')!.write(start))).toEqual(['format']);
    expect(eventCodec('sing' as 'start')).toBeNull();
    expect(eventCodec('toString' as 'start')).toBeNull();
  });

  it('of a saved formula keep which version of it was saved, also from before events had versions of their own', () => {
    const saved = { formula: 'quince-curd', saved: 7 };
    expect(roundTrip(eventCodec('formula saved')!, saved)).toEqual({ ok: true, value: saved });
    expect(eventCodec('formula saved')!.read({ formula: 'quince-curd', version: 7 })).toEqual({
      ok: true,
      value: saved,
    });
  });

  it('that were written before there were versions are read as they are', () => {
    expect(eventCodec('finish')!.read({ step: 'o1.stack' })).toMatchObject({ ok: true });
    expect(eventCodec('order taken')!.read({ title: 'Orchard', pickup: '2027-05-20T09:00:00.000Z' })).toMatchObject({
      ok: true,
    });
    expect(problemsOf(eventCodec('finish')!, { step: 7 })).toEqual(['step']);
  });
});
