import { coatedArea, perimeter, sideArea, topArea, volume, type Form } from '../../shape/form';
import { rimArea } from '../../shape/rim';
import type { Piece } from '../../design/design';
import { countOf, type Work } from '../../design/work';
import type { Coefficients } from '../figures/coefficients';
import { layOutRoll } from './roll';
import type { Coat, Stratum, Tier } from './stratum';
import { thicknessOf, type Thicknesses } from './thickness';

/**
 * The pieces of a design from the board up and from the inside out: what lies in each from the bottom up, what fills its ring, its coats. The one
 * geometry of a cake: heights, amounts and the drawing are all taken from it.
 */
export function layOut(work: Work, figures: Coefficients, mm: Thicknesses): Tier[] {
  const { pieces } = work.design;
  const inside = (key: string) => pieces.some((p) => p.madeOf?.pieces.includes(key));
  /** What is cut from a roll is as thick as that. */
  const asThick = (piece: Piece): Piece => {
    const source = pieces.findIndex((p) => piece.madeOf?.pieces.includes(p.key) && p.form.form === 'roll');
    if (source < 0 || piece.form.form !== 'roll') return piece;
    const { body } = layOutPiece(pieces[source]!, source, work, figures, mm);
    return { ...piece, form: { ...piece.form, diameter: body }, madeOf: { ...piece.madeOf!, height: body } };
  };
  return pieces.map((piece, at): Tier => ({
    ...layOutPiece(asThick(piece), at, work, figures, mm),
    ...(countOf(piece) > 1 && { count: countOf(piece) }),
    ...(piece.madeOf && { cutFrom: pieces.flatMap((p, i) => (piece.madeOf!.pieces.includes(p.key) ? [i] : [])) }),
    ...(inside(piece.key) && { within: true as const }),
    ...(piece.dummy !== undefined && { dummy: true as const }),
  }));
}

function layOutPiece(piece: Piece, at: number, work: Work, figures: Coefficients, mm: Thicknesses): Tier {
  const { form, ringHeight, madeOf, dummy } = piece;
  if (form.form === 'roll' && !madeOf)
    return withCoats(layOutRoll(piece, at, work, figures, mm), at, work, figures, mm);
  const strata = fromTheBoardUp(piece, at, work, figures, mm);
  const top = strata.reduce((most, s) => Math.max(most, s.from + s.thickness), 0);
  const body = Math.max(top, ringHeight ?? 0, madeOf?.height ?? 0, dummy ?? 0);
  return withCoats({ form, body, height: body, strata, coats: [] }, at, work, figures, mm);
}

function withCoats(tier: Tier, at: number, work: Work, figures: Coefficients, mm: Thicknesses): Tier {
  const coats = coatsOf(tier.form, tier.body, at, work, figures, mm);
  const onTop = coats.reduce((sum, c) => sum + (c.onTop ? c.coat.thickness : 0), 0);
  return { ...tier, height: tier.body + onTop, coats: coats.map((c) => c.coat) };
}

/** ml of a slab of a form. */
const slab = (mm2: number, thickness: number) => (mm2 * thickness) / 1000;

/** Layers, fillings with their dams, inserts and what fills the ring, as they lie. */
function fromTheBoardUp(piece: Piece, at: number, work: Work, figures: Coefficients, mm: Thicknesses): Stratum[] {
  const { form, inside, ringHeight = 0 } = piece;
  const strata: Stratum[] = [];
  const uses = work.inside[at]!;
  const heights = inside.map((item, i): number => {
    if (item.is === 'layer' || item.is === 'insert') return item.mm;
    return item.is === 'filling' ? thicknessOf(uses[i]!.use, work, figures.fillingThickness, mm) : 0;
  });
  const rests = inside.filter((item) => item.is === 'rest').length;
  const taken = heights.reduce((sum, h) => sum + h, 0);
  const free = rests === 0 ? 0 : Math.max(0, ringHeight - taken) / rests;
  let from = 0;
  inside.forEach((item, i) => {
    const { use: rule, dam } = uses[i]!;
    const { role } = item;
    const thickness = item.is === 'rest' ? free : heights[i]!;
    const lay = (kind: Stratum['kind'], inset: number, mm2: number) =>
      strata.push({ role, rule, kind, from, thickness, inset, ml: slab(mm2, thickness) });
    if (item.is === 'layer') lay(isBase(role, work) ? 'base' : 'layer', 0, topArea(form));
    if (item.is === 'rest') lay('ring filling', 0, topArea(form));
    if (item.is === 'insert') lay('insert', item.inset, topArea(form) - rimArea(form, item.inset));
    if (item.is === 'filling') {
      const rim = dam === null ? 0 : rimArea(form, figures.damWidth);
      lay('filling', rim > 0 ? figures.damWidth : 0, topArea(form) - rim);
      if (dam !== null && rim > 0)
        strata.push({
          ...{ role: work.uses[dam]!.role, rule: dam, kind: 'dam', from, thickness, inset: 0 },
          ...{ until: figures.damWidth, ml: slab(rim, thickness) },
        });
    }
    from += thickness;
  });
  return rests === 0 ? strata : filledUp(strata, form, ringHeight);
}

/** Layers that are spread, piped or rolled to the cake's own size. */
const isBase = (role: string, { design }: Work) =>
  design.parts.find((p) => p.role === role)?.layers?.from === 'own size';

/**
 * What fills a ring flows around what is narrower, and takes all that the others leave of it: where it is of one part it is one stratum from the
 * first of it to the rim, where there are several each has what is free at its height and around the insert above it.
 */
function filledUp(strata: Stratum[], form: Form, ringHeight: number): Stratum[] {
  const filling = strata.filter((s) => s.kind === 'ring filling');
  const others = strata.filter((s) => s.kind !== 'ring filling');
  const free = Math.max(0, volume(form, ringHeight) - others.reduce((sum, s) => sum + s.ml, 0));
  if (filling.every((s) => s.rule === filling[0]!.rule)) {
    const { role, rule, from } = filling[0]!;
    const thickness = Math.max(0, ringHeight - from);
    const below = others.filter((s) => s.from < from);
    return [
      ...below,
      { role, rule, kind: 'ring filling', from, thickness, inset: 0, ml: free },
      ...others.filter((s) => !below.includes(s)),
    ];
  }
  const around = (s: Stratum) => (s.kind === 'insert' ? slab(rimArea(form, s.inset), s.thickness) : 0);
  const own = filling.map((f, i) => {
    const next = filling[i + 1]?.from ?? Infinity;
    const first = i === 0 ? others.filter((o) => o.from < f.from) : [];
    const beside = [...first, ...others.filter((o) => o.from >= f.from && o.from < next)];
    return { ...f, ml: f.ml + beside.reduce((sum, o) => sum + around(o), 0) };
  });
  // A dome has less room than its height times its foot: all give way alike.
  const reckoned = own.reduce((sum, f) => sum + f.ml, 0);
  const fitted = own.map((f) => ({ ...f, ml: reckoned === 0 ? 0 : (f.ml * free) / reckoned }));
  return strata.map((s) => fitted[filling.indexOf(s)] ?? s);
}

/** A coat, and whether the cake is higher for it. */
interface LaidCoat {
  coat: Coat;
  onTop: boolean;
}

/**
 * Coats, covers and glazes in their order. What is poured or laid over stands on the wall as high as what is under it; coats that are spread one
 * after the other are each measured on the cake as it was before the first of them.
 */
function coatsOf(form: Form, body: number, at: number, work: Work, figures: Coefficients, mm: Thicknesses): LaidCoat[] {
  const coats: LaidCoat[] = [];
  let height = body;
  /** Height before the coats that are being spread. */
  let spreadOn: number | null = null;
  work.uses.forEach((use, i) => {
    if (!use.pieces.includes(at)) return;
    const put = (kind: Coat['kind'], thickness: number, where: { mm2: number; side: number; onTop: boolean }) => {
      if (thickness <= 0) return;
      const ml = (where.mm2 * thickness) / 1000;
      coats.push({
        coat: {
          role: use.role,
          rule: i,
          kind,
          thickness,
          side: where.side,
          ml,
          ...(!where.onTop && { beside: true as const }),
        },
        onTop: where.onTop,
      });
      if (where.onTop) height += thickness;
    };
    const all = (h: number) => ({ mm2: coatedArea(form, h), side: h, onTop: true });
    const top = { mm2: topArea(form), side: 0, onTop: true };
    const { rule } = use;
    if (rule.rule === 'coat') {
      spreadOn ??= height;
      const usual = rule.coat === 'crumb' ? figures.crumbCoat : figures.finalCoat;
      const thickness = thicknessOf(i, work, usual, mm);
      const side = spreadOn;
      const band = typeof rule.on === 'object' ? Math.min(rule.on.band, side) : side;
      const where =
        rule.on === 'all'
          ? all(side)
          : rule.on === 'top'
            ? top
            : { mm2: rule.on === 'side' ? sideArea(form, side) : perimeter(form) * band, side: band, onTop: false };
      const kind = rule.coat === 'other' ? 'coat' : (`${rule.coat} coat` as const);
      return put(kind, thickness, where);
    }
    const laid = height;
    if (rule.rule === 'paste cover') put('cover', rule.thickness ?? figures.paste.thickness, all(laid));
    if (rule.rule === 'glaze') put('glaze', figures.glaze.thickness, all(laid));
    if (rule.rule === 'drip') put('flooded top', rule.flood ?? 0, top);
    if (rule.rule === 'spread on top') {
      const free = topArea(form) - (rule.border ? rimArea(form, rule.border) : 0);
      put('coat', thicknessOf(i, work, figures.fillingThickness, mm), { ...top, mm2: free });
    }
    if (['paste cover', 'glaze', 'drip', 'spread on top'].includes(rule.rule)) spreadOn = null;
  });
  return coats;
}
