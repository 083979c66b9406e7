import type { BuildChoice, PartChoice } from '@/server/builds/build-choices';
import { buildsWithout, clashWays, formulaOf } from './clash-ways';

const part = (
  role: string,
  formula: string,
  others: PartChoice['others'],
  more: Partial<PartChoice> = {},
): PartChoice => ({
  ...{ role, label: role, formula, instead: [], optional: false, others, ...more },
});
const fig = { id: 'fig', name: 'Fig compote', allergens: [] };
const rum = { id: 'rum', name: 'Rum compote', allergens: ['alcohol' as const] };
const nut = { id: 'nut', name: 'Nut crumbs', allergens: ['nuts' as const] };
const build: BuildChoice = {
  ...{ id: 'b', name: 'Harbour cake', story: '', allergens: ['alcohol', 'nuts'] },
  parts: [
    part('filling', 'rum', [rum, fig], { instead: [{ school: 'spirits', choice: 'none', formula: 'fig' }] }),
    part('crumbs', 'nut', [nut], { optional: true }),
  ],
  questions: [{ key: 'spirits', question: 'Spirits?', default: 'some', choices: [] }],
};
const answers = { swaps: {}, choices: {}, without: [] as string[], avoid: [] as ('alcohol' | 'nuts')[] };

describe('what of a build its eaters must not get', () => {
  it('is named part by part, with what could take its place', () => {
    expect(clashWays(build, answers)).toEqual([]);
    expect(clashWays(build, { ...answers, avoid: ['alcohol', 'nuts'] })).toEqual([
      {
        role: 'filling',
        label: 'filling',
        allergens: ['alcohol'],
        optional: false,
        others: [{ id: 'fig', name: 'Fig compote' }],
      },
      { role: 'crumbs', label: 'crumbs', allergens: ['nuts'], optional: true, others: [] },
    ]);
  });
  it('is gone once the part is exchanged, left out, or made by another school', () => {
    const avoid = ['alcohol' as const];
    expect(clashWays(build, { ...answers, avoid, swaps: { filling: 'fig' } })).toEqual([]);
    expect(clashWays(build, { ...answers, avoid, choices: { spirits: 'none' } })).toEqual([]);
    expect(clashWays(build, { ...answers, avoid: ['nuts'], without: ['crumbs'] })).toEqual([]);
    // By hand counts before the school.
    expect(
      formulaOf(build.parts[0]!, build, { ...answers, choices: { spirits: 'none' }, swaps: { filling: 'rum' } }),
    ).toBe('rum');
  });
  it('counts what nobody has confirmed as all of it', () => {
    const unsure = { ...build, parts: [part('x', 'y', [{ id: 'y', name: 'Y', allergens: ['not confirmed'] }])] };
    expect(clashWays(unsure, answers)).toEqual([]);
    expect(clashWays(unsure, { ...answers, avoid: ['nuts'] })).toHaveLength(1);
  });
  it('names the builds that bring none of it', () => {
    const plain = { ...build, id: 'p', parts: [part('filling', 'fig', [fig])] };
    expect(buildsWithout([build, plain], ['alcohol']).map((b) => b.id)).toEqual(['p']);
  });
});
