import { demoEquipment, demoLibrary } from '../../../data/kitchens/demo-parts';
import { ENTERED } from '../../breakdown/testing/entered-formulas';
import type { Kitchen, Mould } from '../../breakdown/kitchen';
import type { Formula } from '../../formula/formula';
import type { Equipment } from '../../planning-format/problem';
import type { Form } from '../../shape/form';

/** The kitchen of the trials: the starter library, formulas that were entered by hand, and some that are made of others. */

const known = new Map([...demoLibrary.formulas, ...ENTERED.map((f): [string, Formula] => [f.id, f])]);
const like = (id: string, more: Partial<Formula> & { id: string; name: string }): Formula => ({
  ...known.get(id)!,
  ...more,
});
const parts = (...list: [formula: string, grams: number, step: string][]) =>
  list.map(([formula, grams, step]) => ({ formula, grams, step }));

const OWN: Formula[] = [
  like('citrus-mousse', {
    ...{ id: 'berry-mousse', name: 'Berry mousse' },
    parts: parts(['soft-cream', 260, 'fold-the-mousse']),
  }),
  // Poured at once: it keeps for some minutes.
  like('bay-custard', {
    ...{ id: 'plum-cream', name: 'Plum cream', purpose: 'set filling' },
    parts: parts(['soft-cream', 220, 'fold-the-cream-in'], ['plum-two-ways', 160, 'fold-the-cream-in']),
    keeping: { ...known.get('bay-custard')!.keeping, place: null, units: 0, min: 0, max: 8 },
  }),
  like('walnut-sponge', {
    ...{ id: 'spiced-sponge', name: 'Spiced sponge' },
    parts: parts(['spice-blend', 14, 'mix']),
  }),
  like('rye-panels', { id: 'spiced-panels', name: 'Spiced panels', parts: parts(['spice-blend', 10, 'mix']) }),
  like('vanilla-buttercream', {
    ...{ id: 'lemon-cream', name: 'Lemon cream', lines: [{ ingredient: 'lemon-zest', grams: 12 }] },
    ...{
      parts: parts(['italian-buttercream', 500, 'stir-lemon']),
      steps: [mixing('stir-lemon', 'Stir the zest in')],
      waits: [],
    },
  }),
  like('vanilla-buttercream', {
    ...{ id: 'coffee-cream', name: 'Coffee cream', lines: [{ ingredient: 'espresso', grams: 40 }] },
    ...{
      parts: parts(['italian-buttercream', 500, 'stir-coffee']),
      steps: [mixing('stir-coffee', 'Stir the espresso in')],
      waits: [],
    },
  }),
];

function mixing(key: string, name: string): Formula['steps'][number] {
  return { key, name, work: 'hands', skill: 'mix', minutes: { low: 3, likely: 4, high: 6 }, how: 'Until it is one.' };
}

const mould = (use: Mould['use'], form: Form, owned: number, depth?: number): Mould => ({
  ...{ kind: `${use} ${JSON.stringify(form)}`, use, form, owned },
  ...(depth !== undefined && { depth }),
});

const MOULDS: Mould[] = [
  mould('shaped tin', { form: 'loaf', topLength: 200, topWidth: 110, bottomLength: 200, bottomWidth: 90 }, 1, 80),
  mould('ring', { form: 'rectangle', length: 380, width: 120 }, 1),
  mould('ring', { form: 'half-sphere', diameter: 70 }, 24),
  mould('ring', { form: 'round', diameter: 320 }, 1),
  mould('tin', { form: 'round', diameter: 260 }, 1, 75),
];

export const trialKitchen: Kitchen = {
  ...demoLibrary,
  formulas: new Map([...known, ...OWN.map((f): [string, Formula] => [f.id, f])]),
  moulds: [...demoLibrary.moulds, ...MOULDS],
};

export const trialEquipment: Equipment[] = [
  ...demoEquipment,
  ...MOULDS.map((m): Equipment => ({ id: m.kind, kind: m.kind, units: m.owned })),
  { id: 'proofer', kind: 'proofer', units: 4 },
];
