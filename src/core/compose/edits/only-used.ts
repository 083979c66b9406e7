import type { Design } from '../../design/design';
import { turnsKept } from './lies';

/** Without parts that nothing takes any more. A block that names a part without an amount only says where it goes in if it lies inside. */
export function onlyUsed(design: Design): Design {
  const used = new Set<string>([
    ...design.pieces.flatMap((p) => p.inside.flatMap((i) => ('dam' in i && i.dam ? [i.role, i.dam] : [i.role]))),
    ...design.blocks.flatMap((b) => b.takes.flatMap((t) => (t.amount ? [t.role] : []))),
  ]);
  const layers = design.parts.find((p) => p.layers && used.has(p.role))?.role;
  return turnsKept({
    ...design,
    parts: design.parts
      .filter((p) => used.has(p.role))
      // What is made of what another part leaves over is made of what layers there are now.
      .map((p) => (p.drawsOn !== undefined && !used.has(p.drawsOn) && layers ? { ...p, drawsOn: layers } : p)),
    blocks: design.blocks.map((b) =>
      b.takes.every((t) => used.has(t.role)) ? b : { ...b, takes: b.takes.filter((t) => used.has(t.role)) },
    ),
  });
}

/**
 * A role that is not taken yet: "filling", "filling-b". A number behind a role is that of a batch which is made once more (`made-twice.ts`), so that
 * letters tell parts apart.
 */
export function freeRole(wanted: string, taken: readonly string[]): string {
  const stem = wanted.replaceAll(' ', '-').replace(/(-[b-z])+$/, '');
  let role = stem;
  for (let n = 1; taken.includes(role); n++)
    role = `${stem}${'-z'.repeat(Math.floor((n - 1) / 25))}-${LETTERS[(n - 1) % 25]}`;
  return role;
}

const LETTERS = 'bcdefghijklmnopqrstuvwxyz';

/** A name that is not taken yet: "filling", "filling-2". */
export function freeKey(stem: string, taken: readonly string[]): string {
  let key = stem;
  for (let n = 2; taken.includes(key); n++) key = `${stem}-${n}`;
  return key;
}
