import { figureList, withFigures } from './figure-list';
import { completeFigures, startingCoefficients as start } from './starting-figures';

const set = (figures: Record<string, unknown>) => withFigures(start, figures as Record<string, number>);

describe('the figures of a kitchen', () => {
  it('are listed with what they are and what they started from', () => {
    const changed = { ...start, crumbCoat: 3, glaze: { ...start.glaze, runOff: 0.5 } };
    const of = (path: string) => figureList(changed, start).find((f) => f.path === path);
    expect(of('crumbCoat')).toMatchObject({ value: 3, start: start.crumbCoat });
    expect(of('glaze.runOff')).toMatchObject({ value: 0.5, start: start.glaze.runOff });
    expect(of('glaze.density')).toMatchObject({ value: start.glaze.density, start: start.glaze.density });
    // Each stands where its path says.
    for (const f of figureList(start, start))
      expect({ path: f.path, value: f.value }).not.toMatchObject({ value: null });
  });
  it('are set alone, and leave those that they came from as they were', () => {
    const result = set({ 'glaze.runOff': 0, 'nozzles.star 10 mm': 50 });
    if (!result.ok) throw new Error('refused');
    expect(result.figures).toEqual({
      ...start,
      glaze: { ...start.glaze, runOff: 0 },
      nozzles: { ...start.nozzles, 'star 10 mm': 50 },
    });
    expect(start.glaze.runOff).toBeGreaterThan(0);
  });
  it('a time constant takes its bounds along', () => {
    const [thing, { bench }] = Object.entries(start.cooling)[0]!;
    const result = set({ [`cooling.${thing}.bench.likely`]: 2 * bench.likely });
    if (!result.ok) throw new Error('refused');
    expect(result.figures.cooling[thing]!.bench).toEqual({
      ...{ low: 2 * bench.low, likely: 2 * bench.likely, high: 2 * bench.high },
    });
    const none = {
      ...start,
      cooling: { [thing]: { ...start.cooling[thing]!, bench: { low: 0, likely: 0, high: 0 } } },
    };
    const from = withFigures(none, { [`cooling.${thing}.bench.likely`]: 5 });
    expect(from).toMatchObject({
      ok: true,
      figures: { cooling: { [thing]: { bench: { low: 0, likely: 5, high: 0 } } } },
    });
  });
  it('are refused by their path, each for itself', () => {
    expect(set({ bowlLoss: 0.91, trim: -0.01, nothing: 1, crumbCoat: NaN, finalCoat: '5' })).toEqual({
      ok: false,
      fields: {
        ...{
          bowlLoss: 'A number from 0 to 0.9.',
          trim: 'A number from 0 to 0.6.',
          nothing: 'There is no such figure.',
        },
        ...{ crumbCoat: 'A number from 0 to 2000.', finalCoat: 'A number from 0 to 2000.' },
      },
    });
    expect(set({ bowlLoss: 0.9, trim: 0 })).toMatchObject({ ok: true });
  });
});

describe('a set that does not have every figure yet', () => {
  it('takes what it has not from the start, however deep it lies, and keeps what it has', () => {
    expect(completeFigures({})).toEqual(start);
    const some = { crumbCoat: 0, egg: { weight: 61 }, soak: null, nozzles: { own: 3 }, sheetGrade: 'silver' };
    const whole = completeFigures(some as unknown as Parameters<typeof completeFigures>[0]);
    expect(whole).toEqual({
      ...start,
      ...{ crumbCoat: 0, egg: { ...start.egg, weight: 61 }, sheetGrade: 'silver' },
      nozzles: { ...start.nozzles, own: 3 },
    });
    // A list is one figure.
    const dowels = [[100, 2]] as const;
    expect(completeFigures({ stand: { ...start.stand, dowels } }).stand.dowels).toBe(dowels);
  });
});
