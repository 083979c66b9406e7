import { starterBuilds } from '../../data/kitchens/starter';
import { starterFormulas } from '../../data/kitchens/starter';
import { belongs, chosen, SCHOOLS } from './schools';

describe('where good bakers differ', () => {
  it('every question has a key of its own, and answers with a name and what they do', () => {
    expect(new Set(SCHOOLS.map((s) => s.key)).size).toBe(SCHOOLS.length);
    for (const { key, question, choices } of SCHOOLS) {
      expect([key, question].filter((text) => !(text.length > 2))).toEqual([]);
      expect(choices.length).toBeGreaterThan(1);
      expect(new Set(choices.map((c) => c.key)).size).toBe(choices.length);
      for (const c of choices) expect([c.key, c.name, c.effect].filter((text) => !(text.length > 2))).toEqual([]);
    }
  });

  it('formulas and builds name only questions and answers that there are', () => {
    const named = [
      ...starterFormulas.flatMap((f) => f.steps.flatMap((s) => s.when ?? [])),
      ...starterBuilds.flatMap((b) => b.design.parts.flatMap((c) => c.instead?.map((i) => i.when) ?? [])),
    ];
    expect(new Set(named.map((w) => w.school))).toEqual(new Set(['cloth', 'melt', 'egg', 'panels']));
    for (const { school, choice } of named)
      expect(SCHOOLS.find((s) => s.key === school)?.choices.map((c) => c.key)).toContain(choice);
  });

  it('what is answered counts, else the first answer, and of an unknown question none', () => {
    expect(chosen('cloth', {})).toBe('dry');
    expect(chosen('cloth', { cloth: 'damp', level: 'trim' })).toBe('damp');
    expect(chosen('level', {})).toBe('trim');
    expect(chosen('bake', {})).toBe('at-once');
    expect(chosen('egg', {})).toBe('with-egg');
    expect(chosen('nothing', {})).toBe('');
  });

  it('what names no school always belongs; what names one, where it was chosen', () => {
    expect(belongs(undefined, { cloth: 'damp' })).toBe(true);
    expect(belongs({ school: 'cloth', choice: 'damp' }, { cloth: 'damp' })).toBe(true);
    expect(belongs({ school: 'cloth', choice: 'damp' }, {})).toBe(false);
    expect(belongs({ school: 'cloth', choice: 'dry' }, {})).toBe(true);
  });
});
