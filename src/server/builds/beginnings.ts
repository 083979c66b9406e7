import { cakeName } from '../../core/breakdown/amounts/cake';
import { canReplace } from '../../core/breakdown/amounts/components';
import type { DrawnPiece } from '../../core/compose/drawn';
import { withFormulaEverywhere } from '../../core/compose/edits/parts';
import { insteadOf } from '../../core/compose/instead';
import type { Build } from '../../core/design/build';
import { formulaOf, type Design } from '../../core/design/design';
import { designIn } from '../../core/design/design-in';
import type { Allergen, Formula } from '../../core/formula/formula';
import type { Form } from '../../core/shape/form';
import type { OfferKind } from '../../core/shape/size-offers';
import { finder } from '../../finding/finder';
import type { LoadedKitchen } from '../situation/load-kitchen';
import { cutOpen } from './cut-open';
import { buildsInUse } from './in-use';
import { sizesFor } from './sizes';

/** What is known of a cake before it is composed. */
export interface Wish {
  portions: number;
  /** A flavour, or what a build is called; empty is anything. */
  words: string;
  avoid: readonly Allergen[];
}

/** A cake to begin from: a build in a size, perhaps with other formulas. */
export interface Beginning {
  build: string;
  /** JSON of its tiers. */
  size: string;
  /** By role, the formula that takes the place of the build's own. */
  swaps: Record<string, string>;
  name: string;
  /** Names of what was exchanged. */
  with: string[];
  cake: string;
  kind: OfferKind;
  portions: number;
  /** Cut open, to be drawn to scale. */
  pieces: DrawnPiece[];
}

/** A build with what is exchanged in it for a wish. */
interface Variant {
  build: Build;
  swaps: Record<string, string>;
}

/** More are not looked at one by one. */
const MOST = 12;
/** So many of one build: a cake, tiers. */
const OF_ONE_BUILD = 2;
/** Formulas of a flavour that are tried in the builds. */
const FLAVOURS = 4;

/** Cakes to begin from for a wish, of several kinds, what fits it best first. */
export function beginningsFor(wish: Wish, kitchen: LoadedKitchen): Beginning[] {
  const harmless = variantsFor(wish, kitchen).flatMap((v) => withoutClashes(v, wish.avoid, kitchen) ?? []);
  const found: Beginning[] = [];
  for (const variant of harmless) {
    if (found.length >= MOST) break;
    const kinds = new Set<OfferKind>();
    for (const size of sizesFor(variant.build.id, wish.portions, kitchen)) {
      if (kinds.has(size.kind) || kinds.size >= OF_ONE_BUILD) continue;
      kinds.add(size.kind);
      const design = designOf(variant, size.value, kitchen);
      // In a smaller size the tier that has it may be gone.
      const has = finder([variant.build], (b) => wordsOf(b.name, design, kitchen.library.formulas))(wish.words);
      if (has.length > 0) found.push(beginning(variant, design, size, kitchen));
    }
  }
  return found.slice(0, MOST);
}

/** Builds that are called so or have it in them, and then those in which a formula of that flavour can take a part's place. */
function variantsFor({ words }: Wish, kitchen: LoadedKitchen): Variant[] {
  const builds = buildsInUse(kitchen);
  const { formulas } = kitchen.library;
  const findBuild = finder(builds, (b) => wordsOf(b.name, b.design, formulas));
  const own = findBuild(words).map(({ item }): Variant => ({ build: item, swaps: {} }));
  if (words.trim() === '') return own;
  const inUse = [...formulas.values()].filter((f) => !f.retired);
  const findFlavour = finder(inUse, (f) => ({ name: f.name, more: f.family }));
  const flavours = findFlavour(words)
    .slice(0, FLAVOURS)
    .map((h) => h.item);
  const others = builds.filter((b) => !own.some((v) => v.build.id === b.id));
  return [...own, ...flavours.flatMap((f) => others.flatMap((build) => flavoured(build, f, formulas) ?? []))];
}

/** What a cake is found by: what it is called, and what is in it. */
const wordsOf = (name: string, { parts }: Design, formulas: ReadonlyMap<string, Formula>) => ({
  name,
  more: parts
    .map(({ label, made }) => {
      const formula = 'formula' in made ? formulas.get(made.formula) : undefined;
      return formula ? `${label} ${formula.name} ${formula.family}` : label;
    })
    .join(' '),
});

/** A build in which a formula takes the place of the first part that may vary and that it can stand in for; null where there is none. */
function flavoured(build: Build, by: Formula, formulas: ReadonlyMap<string, Formula>): Variant | null {
  const part = build.design.parts.find((p) => {
    if (build.fixed?.includes(p.role)) return false;
    const now = formulas.get(formulaOf(p) ?? '');
    return now && now.id !== by.id && canReplace(now, by);
  });
  return part ? { build, swaps: { [part.role]: by.id } } : null;
}

/** A variant in which whatever clashes is exchanged; null where something cannot be. */
function withoutClashes(variant: Variant, avoid: readonly Allergen[], { library }: LoadedKitchen): Variant | null {
  const swaps = { ...variant.swaps };
  for (const { role, others } of insteadOf(withSwaps(variant.build.design, swaps, library), library, avoid)) {
    const [first] = others;
    if (!first || variant.build.fixed?.includes(role)) return null;
    swaps[role] = first.id;
  }
  return { build: variant.build, swaps };
}

/** A design with these formulas in the place of its own. */
export const withSwaps = (
  design: Design,
  swaps: Readonly<Record<string, string>>,
  { formulas }: Pick<LoadedKitchen['library'], 'formulas'>,
): Design =>
  Object.entries(swaps).reduce((d, [role, id]) => {
    const by = formulas.get(id);
    return by ? withFormulaEverywhere(d, role, by) : d;
  }, design);

const designOf = ({ build, swaps }: Variant, size: string, { library }: LoadedKitchen): Design =>
  withSwaps(designIn(build, JSON.parse(size) as Form[]), swaps, library);

function beginning(
  { build, swaps }: Variant,
  design: Design,
  size: { value: string; kind: OfferKind },
  kitchen: LoadedKitchen,
): Beginning {
  return {
    ...{ build: build.id, size: size.value, swaps, name: build.name, kind: size.kind },
    with: Object.values(swaps).map((id) => kitchen.library.formulas.get(id)!.name),
    cake: cakeName(JSON.parse(size.value) as Form[]),
    ...cutOpen(design, kitchen),
  };
}
