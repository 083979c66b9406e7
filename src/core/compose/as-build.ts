import type { Build } from '../design/build';
import type { Design, Piece } from '../design/design';
import { formName, span, type Form } from '../shape/form';
import { say } from '../words/say';

/** In which sizes a build can be made: those of the kitchen's moulds of its kind, some that were chosen, or only the one that it is designed in. */
export const BUILD_SIZES = ['moulds', 'chosen', 'one'] as const;

/** What is said of a build beside its design: what of it may vary. */
export interface BuildSaid {
  name: string;
  story: string;
  sizes: (typeof BUILD_SIZES)[number];
  /** Where they are chosen. */
  chosen: Form[];
  /** How many may stand on one another, where it varies. */
  mostTiers: number;
  /** Roles of what makes it what it is. */
  fixed: string[];
}

/**
 * A design as a build that can be begun from, or what is wrong, by field. Where it varies its lowest piece is the pattern for what stands on a board,
 * the next for what stands on that, the last for all above.
 */
export function asBuild(
  design: Design,
  { name, story, sizes, chosen, mostTiers, fixed }: BuildSaid,
): { ok: true; build: Omit<Build, 'id'> } | { ok: false; fields: Record<string, string> } {
  const roles = fixed.filter((role) => design.parts.some((p) => p.role === role));
  const said = { name, story, design: { ...design, name }, ...(roles.length > 0 && { fixed: roles }) };
  if (sizes === 'one') return { ok: true, build: { ...said, mould: null, mostTiers: 1 } };
  if (design.pieces.some((p) => p.madeOf))
    return wrong('sizes', say`What is cut to shape and put together is only as it is.`);
  if (sizes === 'chosen') {
    if (chosen.length === 0) return wrong('chosen', say`Which sizes? One at least.`);
    const own = [...new Map(chosen.map((f) => [formName(f), f])).values()].sort((a, b) => span(a) - span(b));
    return { ok: true, build: { ...said, mould: mouldOfAll(design.pieces), sizes: own, mostTiers } };
  }
  const mould = mouldOfAll(design.pieces);
  if (!mould) return wrong('sizes', say`Only what is baked in one kind of mould varies by the sizes of it.`);
  return { ok: true, build: { ...said, mould, mostTiers } };
}

const wrong = (field: string, message: string) => ({ ok: false as const, fields: { [field]: message } });

/** What is said of a build that is there; of a design that is none yet, what is usual. */
export function saidOf(build: Build): BuildSaid {
  const { name, story, mould, sizes, mostTiers, fixed = [] } = build;
  return {
    ...{ name, story, mostTiers, fixed },
    sizes: sizes ? 'chosen' : mould ? 'moulds' : 'one',
    chosen: sizes ?? [],
  };
}

/** The kind of mould that all pieces are made in; null where there are several, or none that has sizes. */
function mouldOfAll(pieces: readonly Piece[]): Build['mould'] {
  const [mould = null, ...others] = new Set(pieces.map((p) => mouldOf(p.form.form, p.ringHeight !== undefined)));
  return others.length === 0 ? mould : null;
}

function mouldOf(form: string, inRing: boolean): Build['mould'] {
  if (form === 'round') return inRing ? 'ring' : 'tin';
  return (form === 'square' || form === 'rectangle') && !inRing ? 'square tin' : null;
}
