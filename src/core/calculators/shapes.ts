import { say } from '../words/say';
import { cakeName } from '../breakdown/amounts/cake';
import { clothArea, clothDisc, clothFor } from '../shape/cloth';
import { cuttingSchemes, type CuttingScheme } from '../shape/cutting-scheme';
import { formName, perimeter, sideArea, span, topArea, volume, type Form } from '../shape/form';
import {
  checkPortions,
  isPortionedByWeight,
  PORTION_KINDS,
  portionArea,
  portions,
  portionsByWeight,
  type PortionKind,
} from '../shape/portions';
import { proposeSizes, whyNoOffer, type NoOffer } from '../shape/size-offers';
import { standFor } from '../shape/stand';
import {
  calculator,
  CannotCalculate,
  choice,
  form,
  list,
  maybe,
  number,
  type Calculator,
  type CalcValue,
} from './calculator';

const ROUND: Form = { form: 'round', diameter: 200 };

export const shapeCalculators: Calculator[] = [
  calculator({
    ...{
      name: 'shape',
      title: say`Areas and volume`,
      group: say`Shapes and portions`,
      also: say`heart hexagon petal ring loaf log`,
    },
    about: say`Top, side, outline and volume of any form.`,
    source: say`Plane and solid geometry: round πd²/4, πdh, πd²h/4; heart a² + πa²/4; hexagon (√3/2)s²; half-sphere 2πr³/3; loaf by its mean rectangle.`,
    fields: { form: form(say`Form`, ROUND), height: number('Height', 'mm', { default: 100 }) },
    results: {
      topArea: [say`Top`, 'mm²'],
      sideArea: [say`Side`, 'mm²'],
      perimeter: [say`Around`, 'mm'],
      volume: [say`Volume`, 'ml'],
      span: [say`Widest`, 'mm'],
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
    ...{
      name: 'portions',
      title: say`Portions of a tier`,
      group: say`Shapes and portions`,
      also: say`guests slices wedges`,
    },
    about: say`By area and height, and by how it is cut; with its weight, whether a portion is plausible.`,
    source: say`⌊top area ÷ portion area⌋, in proportion to 100 mm below 80 mm, twice from 160 mm on; wedges by their rim, strips cut into pieces of which 60 % are there.`,
    fields: {
      form: form(say`Form`, ROUND),
      height: number('Height', 'mm', { default: 100, least: 1 }),
      kind: choice<PortionKind>('Portion', PORTION_KINDS, 'party'),
      scheme: choice<CuttingScheme | 'area'>(say`Cut in`, ['area', 'wedges', 'strips'], 'area'),
      grams: maybe(say`Finished cake weighs`, 'g', { least: 1 }),
    },
    results: {
      portions: [say`Portions`, 'count'],
      portionArea: [say`A portion has`, 'cm²'],
      wedges: [say`In wedges`, 'count'],
      strips: [say`In strips`, 'count'],
      better: [say`Gives more`, ''],
      gramsEach: [say`A portion weighs`, 'g'],
      plausible: [say`which is plausible`, ''],
      form: ['of', ''],
      pieces: [say`Where to cut`, ''],
    },
    run: ({ form: f, height, kind, scheme, grams }, { kitchen }) => {
      const { portions: settings, cutting } = kitchen.coefficients;
      const byWeight = isPortionedByWeight(f);
      if (byWeight && grams === null) throw new CannotCalculate('A dome is portioned by weight: say what it weighs.');
      const byArea = byWeight ? portionsByWeight(grams!, kind, settings) : portions(f, height, kind, settings);
      const schemes = cuttingSchemes(f, height, kind, cutting);
      const of = (scheme: CuttingScheme) => schemes.find((s) => s.scheme === scheme)?.count ?? null;
      const count = scheme === 'area' ? byArea : of(scheme);
      if (count === null) throw new CannotCalculate(`A ${f.form} is not cut in ${scheme}.`);
      const check = grams === null ? null : checkPortions(grams, count, kind, settings);
      const rows = schemes.find((s) => s.scheme === 'strips');
      return {
        portions: count,
        portionArea: portionArea(kind, settings),
        wedges: of('wedges'),
        strips: of('strips'),
        better: schemes[0]?.scheme ?? null,
        gramsEach: check?.grams ?? null,
        plausible: check?.plausible ?? null,
        form: { ...f },
        pieces: rows?.scheme === 'strips' ? rows.pieces.map((p): CalcValue => ({ ...p })) : [],
      };
    },
  }),
  calculator({
    ...{
      name: 'tiers',
      title: say`Sizes for a number of guests`,
      group: say`Shapes and portions`,
      also: say`tiers proposals`,
    },
    about: say`One cake, tiers, equal cakes side by side, or a shown cake with others that are cut in the kitchen.`,
    source: say`Of each kind the smallest surplus first; tiers step in by 40 mm; portions by area and height.`,
    fields: {
      guests: number(say`Guests`, 'count', { default: 60, whole: true, least: 1, most: 2000 }),
      kind: choice<PortionKind>('Portion', PORTION_KINDS, 'party'),
      height: number('Height of a tier', 'mm', { default: 110, least: 1 }),
      mostTiers: number(say`Tiers at most`, 'count', { default: 3, whole: true, least: 1, most: 6 }),
      sizes: list(
        say`Sizes`,
        { form: form(say`Form`) },
        [150, 200, 240, 280].map((diameter) => ({ form: { form: 'round' as const, diameter } })),
      ),
      cutting: list(say`Cut in the kitchen`, { form: form(say`Form`) }, [{ form: { form: 'square', side: 250 } }]),
    },
    results: { offers: [say`Sets`, ''] },
    run: ({ guests, kind, height, mostTiers, sizes, cutting }, { kitchen }) => {
      const count = (f: Form) => portions(f, height, kind, kitchen.coefficients.portions);
      const forms = sizes.map((s) => s.form);
      const limits = { mostTiers, count, cutting: cutting.map((c) => c.form) };
      const offers = proposeSizes(forms, guests, limits).slice(0, 8);
      if (offers.length === 0) throw new CannotCalculate(noOfferWords(whyNoOffer(forms, guests, limits), guests));
      return {
        offers: offers.map((o): CalcValue => ({
          kind: o.kind,
          tiers: cakeName(o.tiers),
          cakes: o.tiers.length,
          portions: o.portions,
          surplus: o.portions - guests,
        })),
      };
    },
  }),
  calculator({
    ...{
      name: 'stand',
      title: say`Board, box, dowels, film`,
      group: say`Shapes and portions`,
      also: say`drum card collar acetate`,
    },
    about: say`What a cake stands on and goes into. Tiers from the bottom up.`,
    source: say`Drum = largest tier + 50 mm; card = tier; box ≥ drum and height + 20 mm; film = outline + 20 mm; dowels by diameter; drum by its area, 0.45 g/cm² unless the kitchen says otherwise.`,
    fields: {
      tiers: list(
        say`Tiers`,
        { form: form(say`Form`) },
        [280, 200].map((diameter) => ({ form: { form: 'round' as const, diameter } })),
      ),
      height: number('Height of all', 'mm', { default: 220 }),
    },
    results: {
      drum: ['Drum', 'mm'],
      cards: ['Cards', 'mm'],
      dowels: [say`Dowels, from the bottom`, 'count'],
      boxSide: [say`Box, inside`, 'mm'],
      boxHeight: [say`Box height`, 'mm'],
      film: [say`Film for each tier`, 'mm'],
      drumGrams: [say`Drum weighs`, 'g'],
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
    ...{
      name: 'paste',
      title: say`Sugar-paste cover`,
      group: say`Shapes and portions`,
      also: say`disc rolled fondant cloth`,
    },
    about: say`The cloth to roll, what it weighs, and what of it is trimmed off.`,
    source: say`Round d + 2h + 50 mm, square s + 2h + 50 mm, as a disc its diagonal + 2h + 50 mm; area × thickness × 1.35 g/ml.`,
    fields: {
      form: form(say`Form`, ROUND),
      height: number('Height', 'mm', { default: 100 }),
      thickness: number(say`Thickness`, 'mm', { default: (f) => f.paste.thickness }),
      rolled: choice<'as the cake' | 'as a disc'>(say`Rolled`, ['as the cake', 'as a disc'], 'as the cake'),
    },
    results: {
      disc: [say`Roll a disc of`, 'mm'],
      length: [say`or a cloth, long`, 'mm'],
      width: ['and wide', 'mm'],
      grams: [say`Weight`, 'g'],
      onTheCake: [say`of it on the cake`, 'g'],
      trimmed: [say`trimmed off`, 'g'],
    },
    run: ({ form: f, height, thickness, rolled }, { kitchen }) => {
      const { margin, density } = kitchen.coefficients.paste;
      const cloth = (rolled === 'as a disc' ? clothDisc : clothFor)(f, height, margin);
      const weigh = (mm2: number) => (mm2 * thickness * density) / 1000;
      const grams = weigh(clothArea(cloth));
      const onTheCake = weigh(topArea(f) + sideArea(f, height));
      const disc = cloth.shape === 'disc';
      return {
        disc: disc ? cloth.diameter : null,
        length: disc ? null : cloth.length,
        width: disc ? null : cloth.width,
        grams,
        onTheCake,
        trimmed: grams - onTheCake,
      };
    },
  }),
];

/** Why nothing gives enough, and what would help. */
export function noOfferWords(why: NoOffer, guests: number): string {
  if (why.because === 'no sizes') return say`No size of these gives a single portion.`;
  const name = formName(why.form);
  return say`${guests} portions take ${why.needs} × ${name}; ${why.has} can be made at once. A larger size, or more of this one, would help.`;
}
