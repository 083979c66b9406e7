import { say } from '../words/say';
import { cuttingPlan } from '../shape/cutting-plan';
import type { WantedPiece } from '../shape/wanted-piece';
import { pieceArea, type PlacedPiece } from '../shape/piece';
import { boxPanels, collarPanels, housePanels, panelArea, panelSize, type Panel } from '../shape/panels';
import { perimeter } from '../shape/form';
import {
  calculator,
  CannotCalculate,
  choice,
  form,
  list,
  maybe,
  number,
  pieceOf,
  type Calculator,
  type CalcValue,
  type CalcValues,
} from './calculator';

const thickness = () => number(say`Panels are thick`, 'mm', { default: 5, least: 0.5 });
const spread = () => number(say`Each edge spreads`, 'mm', { default: 0 });
const PANEL_RESULTS = { panels: ['Panels', ''], area: [say`Dough covers`, 'mm²'] } as const;

export const sheetCalculators: Calculator[] = [
  calculator({
    ...{
      name: 'cutting',
      title: say`Cutting plan of a sheet`,
      group: say`Sheets and panels`,
      also: say`discs half-discs rectangles sponge waste`,
      heavy: true,
    },
    about: say`Where to cut discs, half-discs and rectangles, drawn to scale, with what is left. Without a count as many as fit.`,
    source: say`Bottom-left fill in several orders, rows of discs, blocks of rectangles around a hole; every pair is checked apart.`,
    fields: {
      length: number(say`Sheet, long`, 'mm', { default: 600, least: 1 }),
      width: number('Sheet, wide', 'mm', { default: 400, least: 1 }),
      grams: maybe(say`Sheet weighs`, 'g'),
      pieces: list(
        say`Pieces`,
        {
          shape: choice<'disc' | 'half-disc' | 'rectangle'>(say`Piece`, ['disc', 'half-disc', 'rectangle'], 'disc'),
          diameter: maybe(say`Diameter`, 'mm'),
          length: maybe(say`Length`, 'mm'),
          width: maybe('Width', 'mm'),
          count: maybe(say`How many`, 'count', { whole: true, least: 1, most: 150 }),
        },
        [{ shape: 'disc', diameter: 180, length: null, width: null, count: null }],
      ),
    },
    results: {
      count: [say`Pieces`, 'count'],
      waste: [say`Left over`, 'mm²'],
      wasteShare: [say`of the sheet`, 'share'],
      wasteGrams: ['weighs', 'g'],
      missing: [say`No place for`, 'count'],
      placed: [say`Where`, ''],
    },
    run: ({ length, width, grams, pieces }) => {
      const wanted = pieces.map((p): WantedPiece => ({ ...pieceOf(p), count: p.count }));
      if (wanted.some((w) => w.count === null && pieceArea(w) * 80 < length * width))
        throw new CannotCalculate('Pieces so small: say how many.');
      const plan = cuttingPlan({ length, width }, wanted);
      return {
        count: plan.placed.length,
        waste: plan.waste,
        wasteShare: plan.wasteShare,
        ...(grams === null ? {} : { wasteGrams: grams * plan.wasteShare }),
        missing: plan.missing,
        placed: plan.placed.map((p: PlacedPiece): CalcValue => ({ ...p })),
      };
    },
  }),
  calculator({
    ...{
      name: 'panels-house',
      title: say`House of panels`,
      group: say`Sheets and panels`,
      also: say`gable roof template biscuit`,
    },
    about: say`Gables, walls between them, and a roof that meets at the ridge.`,
    source: say`Gable height = w/2 × tan pitch; roof slope = w/2 ÷ cos pitch + overhang; walls shorter by two thicknesses.`,
    fields: {
      length: number(say`House, long`, 'mm', { default: 180, least: 20 }),
      width: number('wide', 'mm', { default: 140, least: 20 }),
      wallHeight: number(say`Walls`, 'mm', { default: 100, least: 10 }),
      pitch: number(say`Roof pitch, degrees`, '', { default: 45, least: 5, most: 75 }),
      overhang: number(say`Overhang`, 'mm', { default: 10 }),
      thickness: thickness(),
      spread: spread(),
    },
    results: PANEL_RESULTS,
    run: (m) => panelValues(housePanels(m)),
  }),
  calculator({
    ...{
      name: 'panels-box',
      title: say`Box of panels`,
      group: say`Sheets and panels`,
      also: say`crate template biscuit`,
    },
    about: say`Around the measured cake: two long sides that cover the ends of the short ones, and a lid.`,
    source: say`Inside = cake + clearance; long side = inside + two thicknesses.`,
    fields: {
      length: number(say`Cake, long`, 'mm', { default: 200, least: 20 }),
      width: number('wide', 'mm', { default: 200, least: 20 }),
      height: number('high', 'mm', { default: 110, least: 10 }),
      clearance: number(say`Air between`, 'mm', { default: 2 }),
      thickness: thickness(),
      spread: spread(),
    },
    results: PANEL_RESULTS,
    run: (m) => panelValues(boxPanels(m)),
  }),
  calculator({
    ...{
      name: 'panels-collar',
      title: say`Collar of staves`,
      group: say`Sheets and panels`,
      also: say`fence biscuit chocolate`,
    },
    about: say`Equal staves around a cake.`,
    source: say`They stand outside: outline + π × thickness, shared out, less the gap.`,
    fields: {
      form: form(say`Around`, { form: 'round', diameter: 200 }),
      height: number('Staves high', 'mm', { default: 110, least: 10 }),
      staves: number(say`Staves`, 'count', { default: 16, whole: true, least: 3, most: 80 }),
      gap: number(say`Gap`, 'mm', { default: 1 }),
      thickness: thickness(),
      spread: spread(),
    },
    results: PANEL_RESULTS,
    run: ({ form: f, ...m }) => panelValues(collarPanels({ ...m, perimeter: perimeter(f) })),
  }),
];

function panelValues(panels: Panel[]): CalcValues {
  const wrong = panels.find(
    (p) => panelSize(p).width <= 0 || panelSize(p).height <= 0 || !Number.isFinite(panelArea(p)),
  );
  if (wrong) throw new CannotCalculate(`Nothing is left of the ${wrong.name}: the measures do not go together.`);
  return {
    panels: panels.map((p): CalcValue => ({
      name: p.name,
      count: p.count,
      ...panelSize(p),
      outline: p.outline.map((c) => [...c]),
    })),
    area: panels.reduce((sum, p) => sum + p.count * panelArea(p), 0),
  };
}
