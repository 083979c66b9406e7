import type { FormerBuild } from './build-before-designs';
import { designOfBuild } from './design-of-build';

type Body = Record<string, unknown>;
type Rule = Body & { rule: string };
type Part = Body & { formula: string; amount: Rule };

/** A base under a ring was spread about so thick. mm. */
const BASE = 8;

/**
 * A build of the first version said how high its top was finished, and filled rings by shares of their volume. What lies on top is now told by
 * the coats themselves, and a ring is filled with what its base and inserts leave free: the largest share becomes that, the others become
 * inserts as thick as their share.
 */
export function withoutFinish(before: Body): Body {
  const build = { ...before };
  delete build.finish;
  const components = (build.components ?? []) as Part[];
  const shares = components.filter((c) => c.amount?.rule === 'mould').map((c) => c.amount.share as number);
  if (shares.length === 0) return build;
  const ringHeight = Number(build.layerHeight);
  const most = Math.max(...shares);
  return {
    ...build,
    ringHeight,
    layers: 0,
    components: components.map((c): Part => ({ ...c, amount: inTheRing(c.amount, most, ringHeight) })),
  };
}

function inTheRing(amount: Rule, most: number, ringHeight: number): Rule {
  if (amount.rule === 'discs') return { rule: 'base', thickness: BASE, sheet: amount.sheet };
  if (amount.rule !== 'mould') return amount;
  const share = amount.share as number;
  return share === most
    ? { rule: 'rest of the ring' }
    : { rule: 'insert', thickness: Math.round(share * ringHeight), inset: 0 };
}

/** A stage that writes was told apart by its name alone: that is said now, and the name says so only where something is written. */
export function withWriting(build: Body): Body {
  const stages = (build.stages ?? []) as { name: string }[];
  return {
    ...build,
    stages: stages.map((s) =>
      /inscri/i.test(s.name)
        ? { ...s, name: s.name.replace(/\b(inscription|inscribe)\b/i, '[inscription:$1]'), inscribes: true }
        : s,
    ),
  };
}

/** Where a build had no sizes of its own its pattern needs some form. mm. */
const PATTERN = { form: 'round', diameter: 200 } as const;

/** A build said of all tiers at once what is said of a piece now: it becomes a design with one piece, the pattern of all of them. */
export function asDesign(before: Body): Body {
  const build = before as unknown as FormerBuild;
  const { id, name, story, mould, sizes, mostTiers } = build;
  return {
    ...{ id, name, story, mould, mostTiers },
    ...(sizes && { sizes }),
    design: designOfBuild(build, [sizes?.[0] ?? PATTERN]),
  };
}
