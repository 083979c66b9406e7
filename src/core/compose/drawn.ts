import { shownTiers, strataSeen } from '../breakdown/strata/cut-away';
import type { Breakdown } from '../breakdown/breakdown';
import type { Coat, Stratum } from '../breakdown/strata/stratum';
import { compile } from '../design/compile';
import type { Block } from '../design/block';
import type { Texture } from '../design/texture';
import type { Design } from '../design/design';
import { stacksOf } from '../shape/stacks';
import { span, type Form } from '../shape/form';
import type { Place } from './place';
import { putOn, type PutOn } from './put-on';

/** Something on the section that can be touched. mm; `colour` is its formula's, where one was chosen. */
interface Touchable {
  place: Place;
  role: string;
  colour?: string;
  /** What it is made by, or that it is there at all, is not agreed yet. */
  undecided?: true;
}

type DrawnStratum = Touchable & Pick<Stratum, 'kind' | 'from' | 'thickness' | 'inset' | 'until'>;
type DrawnCoat = Touchable & Pick<Coat, 'kind' | 'thickness' | 'side' | 'beside'> & { texture?: Texture };

/** A piece cut open, to be drawn to scale. */
export interface DrawnPiece {
  key: string;
  name: string | null;
  form: Form;
  width: number;
  body: number;
  height: number;
  count: number;
  strata: DrawnStratum[];
  coats: DrawnCoat[];
  /** What is put on it, in the order of work. */
  put: PutOn[];
  /** What is written on it. */
  says?: string;
}

/**
 * The pieces of a cake as they are drawn, with the place of everything that can be touched. A dam is touched with the filling that it is around. What
 * was cut from others is drawn with their layers and touched as a whole.
 */
export function drawnPieces(
  design: Design,
  breakdown: Breakdown,
  library: ReadonlyMap<string, Block>,
  inscription = '',
): DrawnPiece[] {
  const { cake, components } = breakdown;
  const { uses, stages } = compile(design, library);
  const put = putOn(design, breakdown, library);
  const colours = new Map(components.map((c) => [c.role, c.formula.colour]));
  const open = new Set(design.parts.filter((p) => p.undecided).map((p) => p.role));
  const coloured = (role: string) => {
    const colour = colours.get(role);
    return { ...(colour !== undefined && { colour }), ...(open.has(role) && { undecided: true as const }) };
  };
  const shown = new Set(shownTiers(cake.tiers));
  // Where no work on it writes, it is written on top.
  const top = stacksOf([...shown], (t) => t.form)[0]?.at(-1);
  const writtenOn = stages.find((s) => s.inscribes)?.pieces.at(-1) ?? (top ? cake.tiers.indexOf(top) : -1);
  return cake.tiers.flatMap((tier, i): DrawnPiece[] => {
    if (!shown.has(tier)) return [];
    const piece = design.pieces[i]!;
    const own = piece.inside.flatMap((item, at) => (item.is === 'soak' ? [] : [at]));
    let next = 0;
    const strata = strataSeen(tier, cake.tiers).map((s): DrawnStratum => {
      // A dam lies in the gap of its filling, and comes right after it.
      const at = piece.madeOf ? undefined : s.kind === 'dam' ? own[next - 1] : own[next++];
      const { role, kind, from, thickness, inset, until } = s;
      const place: Place =
        at === undefined ? { on: 'piece', piece: piece.key } : { on: 'inside', piece: piece.key, at };
      return {
        ...{ place, role, kind, from, thickness, inset, ...coloured(role) },
        ...(until !== undefined && { until }),
      };
    });
    const coats = tier.coats.map(({ role, rule, kind, thickness, side, beside }): DrawnCoat => {
      const key = uses[rule]?.at ?? '';
      const takes = design.blocks.find((b) => b.key === key)?.takes ?? [];
      const take = takes.findIndex(
        (t) => t.role === role && JSON.stringify(t.amount) === JSON.stringify(uses[rule]?.rule),
      );
      return {
        ...{ place: { on: 'block', block: key, take: take < 0 ? null : take }, role, kind, thickness, side },
        ...(beside && { beside }),
        ...(takes[take]?.texture && { texture: takes[take].texture }),
        ...coloured(role),
        ...(design.blocks.find((b) => b.key === key)?.undecided && { undecided: true as const }),
      };
    });
    const { form, body, height, count = 1 } = tier;
    return [
      {
        ...{ key: piece.key, name: piece.name ?? null, form, width: across(form), body, height, count },
        strata,
        coats,
        put: put[i]!,
        ...(inscription !== '' && i === writtenOn && { says: inscription }),
      },
    ];
  });
}

/** How wide a piece is where it is cut open: a roll across, a house under its gable. mm. */
const across = (form: Form): number =>
  form.form === 'roll' ? form.diameter : form.form === 'house' ? form.width : span(form);
