import { cuttingPlan } from '../cutting-plan';
import { cuttingSchemes } from '../cutting-scheme';
import { cutShare } from './cut-share';
import { formName, type Form } from '../form';
import { boxPanels, collarPanels, housePanels, panelSize, type Panel } from '../panels';
import type { PlacedPiece } from '../piece';
import { PORTION_KINDS, type PortionKind } from '../portions';
import { sheetsFor, TooLargeForSheet } from '../sheets-for';
import { proposeSizes, whyNoOffer } from '../size-offers';
import { templatePages, templateSvg } from '../template-pages';
import type { Sheet, WantedPiece } from '../wanted-piece';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const discs = (count: number | null, diameter: number): WantedPiece => ({ shape: 'disc', diameter, count });
const halfDiscs = (count: number | null, diameter: number): WantedPiece => ({ shape: 'half-disc', diameter, count });
const rectangles = (count: number | null, length: number, width: number): WantedPiece => ({
  ...{ shape: 'rectangle', length, width, count },
});
const number = (x: number) => String(Number(x.toFixed(3)));

const SHEETS: [Sheet, WantedPiece[]][] = [
  [{ length: 600, width: 400 }, [discs(6, 180)]],
  [{ length: 600, width: 400 }, [discs(2, 220), halfDiscs(3, 220)]],
  [{ length: 600, width: 600 }, [rectangles(4, 350, 250)]],
  [{ length: 400, width: 300 }, [discs(null, 110)]],
  [{ length: 400, width: 300 }, [rectangles(2, 200, 140), discs(2, 120), halfDiscs(null, 90)]],
  [{ length: 300, width: 300 }, [discs(1, 310), rectangles(3, 150, 140)]],
  [{ length: 400, width: 600 }, [halfDiscs(5, 200), discs(1, 200), rectangles(2, 90, 300)]],
  [{ length: 320, width: 210 }, [discs(5, 100)]],
];

const piece = (p: PlacedPiece) =>
  `${p.shape === 'rectangle' ? `rectangle ${p.length} × ${p.width}` : `${p.shape} ${p.diameter}`} at ${number(p.x)}, ${number(p.y)} turned ${p.turn}`;

const cuts = () =>
  SHEETS.map(([sheet, wanted]) => {
    const plan = cuttingPlan(sheet, wanted);
    return [
      `${sheet.length} × ${sheet.width}: ${plan.missing.join(' ')} missing, ${number(plan.waste)} mm² over, ${number(plan.wasteShare)}`,
      ...plan.placed.map(piece),
    ];
  });

const HALVED: [Sheet, number, number, boolean][] = [
  [{ length: 600, width: 400 }, 6, 220, true],
  [{ length: 600, width: 400 }, 6, 220, false],
  [{ length: 600, width: 400 }, 3, 240, true],
  [{ length: 400, width: 300 }, 2, 310, true],
  [{ length: 400, width: 300 }, 1, 310, false],
  [{ length: 400, width: 300 }, 3, 180, true],
];

const sheets = () =>
  HALVED.map(([sheet, count, diameter, halves]) => {
    try {
      const found = sheetsFor(sheet, [{ shape: 'disc', diameter, count }], halves);
      return `${count} of ${diameter} from ${sheet.length} × ${sheet.width}${halves ? ', halves' : ''}: ${found.sheets}, ${found.halved} halved, ${found.plans.map((p) => p.placed.length).join(' + ')}`;
    } catch (e) {
      if (!(e instanceof TooLargeForSheet)) throw e;
      return e.message;
    }
  });

const FORMS: [Form, number, ...PortionKind[]][] = [
  [round(200), 110, ...PORTION_KINDS],
  [round(120), 160, 'dessert'],
  [{ form: 'square', side: 150 }, 110, 'party'],
  [{ form: 'rectangle', length: 200, width: 150 }, 60, 'dessert'],
  [{ form: 'ring', outer: 220, inner: 80 }, 90, 'party'],
  [{ form: 'heart', side: 120 }, 110, 'dessert'],
  [{ form: 'petal', across: 180, petals: 8 }, 110, 'dessert'],
  [{ form: 'half-sphere', diameter: 180 }, 90, 'party'],
];

const schemes = () =>
  FORMS.flatMap(([form, height, ...kinds]) =>
    kinds.map(
      (kind) =>
        `${formName(form)}, ${height} mm, ${kind}: ${cuttingSchemes(form, height, kind)
          .map((c) => `${c.count} by ${c.scheme}, ${number(cutShare(form, c))}`)
          .join('; ')}`,
    ),
  );

const TINS = [150, 180, 200, 240, 280].map(round);
const offers = () => {
  const limits = {
    mostTiers: 2,
    count: (f: Form) => (f.form === 'round' ? Math.floor(f.diameter ** 2 / 1600) : 40),
    atOnce: (f: Form) => (f.form === 'round' && f.diameter > 200 ? 2 : 6),
    cutting: [{ form: 'square' as const, side: 250 }],
  };
  return [8, 24, 45, 90, 160, 900].map((wanted) => {
    const made = proposeSizes(TINS, wanted, limits).slice(0, 8);
    const said = made.map((o) => `${o.kind}: ${o.tiers.map(formName).join(' + ')}, ${o.portions}`);
    return `${wanted}: ${said.join('; ') || JSON.stringify(whyNoOffer(TINS, wanted, limits))}`;
  });
};

const panels = () => [
  ...housePanels({ length: 200, width: 150, wallHeight: 100, pitch: 40, overhang: 10, thickness: 5, spread: 1 }),
  ...boxPanels({ length: 500, width: 100, height: 120, clearance: 3, thickness: 5 }),
  ...collarPanels({ perimeter: 700, height: 90, staves: 12, gap: 3, thickness: 5, spread: 2 }),
];

const outline = (p: Panel) => p.outline.map((at) => at.map(number).join(' ')).join(', ');

const pages = () => templatePages(panels()).map((p) => templateSvg(p));

/** Shapes, cuts and templates that are kept to the letter, each small enough to be drawn by hand and looked at. */
export const KNOWN_SHAPES = {
  cuts,
  sheets,
  schemes,
  offers,
  panels: () =>
    panels().map(
      (p) => `${p.count} ${p.name}, ${number(panelSize(p).width)} × ${number(panelSize(p).height)}: ${outline(p)}`,
    ),
  pages,
};
