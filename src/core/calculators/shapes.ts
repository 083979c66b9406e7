import { cutPortions, type CuttingScheme } from '../shape/cutting-scheme';
import { formName, perimeter, sideArea, span, topArea, volume, type Form } from '../shape/form';
import { portions, type PortionKind } from '../shape/portions';
import { proposeTiers } from '../shape/propose-tiers';
import { pasteDisc, standFor } from '../shape/stand';
import { calculator, choice, form, list, number, type Calculator, type CalcValue } from './calculator';

const ROUND: Form = { form: 'round', diameter: 200 };

export const shapeCalculators: Calculator[] = [
  calculator({
    ...{
      name: 'shape',
      title: 'Areas and volume',
      group: 'Shapes and portions',
      also: 'heart hexagon petal ring loaf log',
    },
    about: 'Top, side, outline and volume of any form.',
    source:
      'Plane and solid geometry: round πd²/4, πdh, πd²h/4; heart a² + πa²/4; hexagon (√3/2)s²; half-sphere 2πr³/3; loaf by its mean rectangle.',
    fields: { form: form('Form', ROUND), height: number('Height', 'mm', { default: 100 }) },
    results: {
      topArea: ['Top', 'mm²'],
      sideArea: ['Side', 'mm²'],
      perimeter: ['Around', 'mm'],
      volume: ['Volume', 'ml'],
      span: ['Widest', 'mm'],
    },
    run: ({ form: f, height }) => ({
      topArea: topArea(f),
      sideArea: sideArea(f, height),
      perimeter: perimeter(f),
      volume: volume(f, height),
      span: span(f),
    }),
  }),
  calculator({
    ...{ name: 'portions', title: 'Portions of a tier', group: 'Shapes and portions', also: 'guests slices wedges' },
    about: 'By area and height, and for a round by how it is cut.',
    source:
      '⌊top area ÷ portion area⌋ for each 100 mm of height; wedges by the rim, strips by blocks of the portion’s area.',
    fields: {
      form: form('Form', ROUND),
      height: number('Height', 'mm', { default: 100 }),
      kind: choice<PortionKind>('Portion', ['party', 'dessert'], 'party'),
      scheme: choice<CuttingScheme>('Cut in', ['area', 'wedges', 'strips'], 'area'),
    },
    results: { portions: ['Portions', 'count'], portionArea: ['A portion has', 'cm²'] },
    run: ({ form: f, height, kind, scheme }, { kitchen }) => {
      const { portions: settings, cutting } = kitchen.coefficients;
      const area = kind === 'party' ? settings.partyArea : settings.dessertArea;
      const bySchemeAt100 = scheme === 'area' ? null : cutPortions(f, scheme, area, cutting);
      return {
        portions:
          bySchemeAt100 === null ? portions(f, height, kind, settings) : Math.floor((bySchemeAt100 * height) / 100),
        portionArea: area,
      };
    },
  }),
  calculator({
    ...{ name: 'tiers', title: 'Tiers for a number of guests', group: 'Shapes and portions', also: 'sizes proposals' },
    about: 'Sets of the sizes you have that give enough, smallest surplus first.',
    source: 'All descending sets with a ledge of 40 mm; portions by area and height.',
    fields: {
      guests: number('Guests', 'count', { default: 60, whole: true, least: 1 }),
      kind: choice<PortionKind>('Portion', ['party', 'dessert'], 'party'),
      height: number('Height of a tier', 'mm', { default: 110 }),
      mostTiers: number('Tiers at most', 'count', { default: 3, whole: true, least: 1, most: 6 }),
      sizes: list(
        'Sizes',
        { form: form('Form') },
        [150, 200, 240, 280].map((diameter) => ({ form: { form: 'round' as const, diameter } })),
      ),
    },
    results: { offers: ['Sets', ''] },
    run: ({ guests, kind, height, mostTiers, sizes }, { kitchen }) => {
      const count = (f: Form) => portions(f, height, kind, kitchen.coefficients.portions);
      const offers = proposeTiers(
        sizes.map((s) => s.form),
        guests,
        mostTiers,
        count,
      ).slice(0, 8);
      return {
        offers: offers.map((o): CalcValue => ({
          tiers: o.tiers.map(formName).join(' + '),
          portions: o.portions,
          surplus: o.portions - guests,
        })),
      };
    },
  }),
  calculator({
    ...{
      name: 'stand',
      title: 'Board, box, dowels, film',
      group: 'Shapes and portions',
      also: 'drum card collar acetate',
    },
    about: 'What a cake stands on and goes into. Tiers from the bottom up.',
    source:
      'Drum = largest tier + 50 mm; card = tier; box ≥ drum and height + 20 mm; film = outline + 20 mm; dowels by diameter.',
    fields: {
      tiers: list(
        'Tiers',
        { form: form('Form') },
        [280, 200].map((diameter) => ({ form: { form: 'round' as const, diameter } })),
      ),
      height: number('Height of all', 'mm', { default: 220 }),
    },
    results: {
      drum: ['Drum', 'mm'],
      cards: ['Cards', 'mm'],
      dowels: ['Dowels, from the bottom', 'count'],
      boxSide: ['Box, inside', 'mm'],
      boxHeight: ['Box height', 'mm'],
      film: ['Film for each tier', 'mm'],
    },
    run: ({ tiers, height }, { kitchen }) => {
      const { box, ...stand } = standFor(
        tiers.map((t) => t.form),
        height,
        kitchen.coefficients.stand,
      );
      return { ...stand, boxSide: box.side, boxHeight: box.height };
    },
  }),
  calculator({
    ...{ name: 'paste', title: 'Sugar-paste cover', group: 'Shapes and portions', also: 'disc rolled fondant' },
    about: 'The disc to roll, and what it weighs.',
    source: 'Disc = d + 2h + 50 mm; weight = area × thickness × 1.35 g/ml.',
    fields: {
      form: form('Form', ROUND),
      height: number('Height', 'mm', { default: 100 }),
      thickness: number('Thickness', 'mm', { default: (f) => f.paste.thickness }),
    },
    results: { disc: ['Roll to', 'mm'], grams: ['Weight', 'g'] },
    run: ({ form: f, height, thickness }, { kitchen }) => {
      const { margin, density } = kitchen.coefficients.paste;
      const disc = pasteDisc(f, height, margin);
      return { disc, grams: ((Math.PI * disc ** 2) / 4) * thickness * density * 0.001 };
    },
  }),
];
