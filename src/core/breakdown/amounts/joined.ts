import type { Use } from '../../design/work';
import { amount, type Amount, type Portion } from './amount';

const gramsOf = (list: readonly Portion[]) => list.reduce((total, p) => total + p.grams, 0);

/** What runs off and what hangs over is poured and laid on as well. */
const WHOLE: readonly Use['rule']['rule'][] = ['glaze', 'paste cover'];

/** What a use takes, with the stage that it is for. What has a name of its own is one portion of it. */
export function ofUse({ at, name, into, rule }: Use, made: Amount): Amount {
  const kept = (p: Portion) => !p.leftOver && !p.lost;
  const own: Portion[] =
    name === undefined
      ? made.portions.filter(kept)
      : [{ use: name, grams: gramsOf(made.portions.filter(kept)) }].filter((p) => p.grams > 0);
  const here = at !== null && { stage: at };
  const portions = own.map((p) => ({
    ...p,
    ...here,
    ...(into !== undefined && { into, besides: true as const }),
  }));
  const aside = made.portions.filter((p) => !kept(p));
  return {
    ...made,
    portions: [...portions, ...(WHOLE.includes(rule.rule) ? aside.map((p) => ({ ...p, ...here })) : aside)],
  };
}

/** One batch for several uses: their portions beside each other, what is lost counted once. */
export function joined(uses: readonly { use: Use; made: Amount }[]): Amount {
  const [only] = uses;
  if (uses.length === 1 && only) return only.made;
  const portions = uses.flatMap((u) => u.made.portions);
  const lost = new Map<string, number>();
  for (const p of portions.filter((x) => x.lost)) lost.set(p.use, (lost.get(p.use) ?? 0) + p.grams);
  const pieces = uses.flatMap((u) => u.made.pieces ?? []);
  return amount(
    [
      ...portions.filter((p) => !p.leftOver && !p.lost),
      ...portions.filter((p) => p.leftOver),
      ...[...lost].map(([use, grams]): Portion => ({ use, grams, lost: true })),
    ],
    uses.map(({ use, made }) => (use.name === undefined ? made.because : `${use.name}: ${made.because}`)).join('; '),
    {
      loads: uses.flatMap((u) => u.made.loads),
      ...(pieces.length > 0 && pieces.length === uses.length && { pieces: pieces.reduce((a, b) => a + b, 0) }),
      ...(uses.some((u) => u.made.raw) && { raw: true }),
    },
  );
}
