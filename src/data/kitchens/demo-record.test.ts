import { breakDown } from '../../core/breakdown/break-down';
import { orderId } from '../../core/ids/ids';
import { LEAST_RECORDS, pacesOf } from '../../core/records/pace';
import { starterBuilds } from './starter';
import { demoLibrary } from './demo-parts';
import { demoTeam } from './demo-parts';
import { demoRecord } from './testing/demo-record';

const DAY = 1440;
const { orders, work, probes } = demoRecord;
const byOrder = orders.map((_, i) => work.filter((w) => w.order === i));

describe('the record of the demo kitchen', () => {
  it('ends before the days that the demo lives through, and reaches six weeks back', () => {
    expect(Math.max(...work.map((w) => w.start + w.took))).toBeLessThanOrEqual(-3 * DAY);
    expect(Math.min(...orders.map((o) => o.day))).toBeLessThanOrEqual(-6 * 7);
    expect(Math.max(...probes.map((p) => p.start))).toBeLessThan(0);
  });

  it('tells every step of each order as the rules break it down today', () => {
    orders.forEach((o, i) => {
      const build = starterBuilds.find((b) => b.id === o.build)!;
      const { steps, cake } = breakDown({ id: orderId(0), build, tiers: o.tiers }, demoLibrary);
      const own = steps.map((s) => s.id.slice(s.id.indexOf('.') + 1));
      expect(byOrder[i]!.filter((w) => !own.includes(w.step))).toEqual([]);
      expect(o.portions).toBeLessThanOrEqual(cake.portions);
    });
  });

  it('has nobody begin while they are off, or in two places at once', () => {
    // The demo's anchor may be any weekday: the shifts repeat every week.
    const weekly = new Map(demoTeam(4).map((p) => [p.id, p.weekly]));
    const last = new Map<string, number>();
    for (const w of [...work].sort((a, b) => a.start - b.start)) {
      const day = Math.floor(w.start / DAY);
      const weekday = ((((3 + day) % 7) + 7) % 7) + 1;
      for (const person of w.people) {
        expect(weekly.get(person)!.map((s) => s.weekday)).toContain(weekday);
        expect(w.start).toBeGreaterThanOrEqual(last.get(person) ?? -Infinity);
        last.set(person, w.start + w.took);
      }
    }
  });

  it('teaches how long the most frequent steps take, unlike the triangle that planning assumes', () => {
    const paces = pacesOf(work);
    const known = Object.values(paces);
    expect(known.length).toBeGreaterThanOrEqual(20);
    expect(known.filter((ratios) => !(ratios.length >= LEAST_RECORDS))).toEqual([]);
    // Boxing goes quicker here than the formulas say, turning out slower.
    const box = paces['Check and box']!;
    expect(box[Math.floor(box.length / 2)]!).toBeLessThan(1);
    const turnOut = paces['Turn out']!;
    expect(turnOut[Math.floor(turnOut.length / 2)]!).toBeGreaterThan(1.1);
    // Now and then something goes wrong: no triangle between low and high reaches that far.
    expect(Math.max(...work.filter((w) => w.people.length > 0).map((w) => w.took / w.likely))).toBeGreaterThan(1.8);
  });

  it('has readings where a check asks for a number, each on the right side of its limit', () => {
    const read = work.filter((w) => w.check && w.check.value !== null);
    expect(read.length).toBeGreaterThan(20);
    expect(read.filter((w) => w.check!.kind === 'temperature at least' && w.check!.value! < 40)).toEqual([]);
    for (const p of probes) expect(p.readings[0]!.celsius).toBeGreaterThan(p.readings.at(-1)!.celsius);
  });
});
