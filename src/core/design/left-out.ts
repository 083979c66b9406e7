import type { Design } from './design';

/** The same design without the optional parts of these roles: nothing lies inside of them, and no block takes them. */
export function leftOut(design: Design, roles: readonly string[]): Design {
  const gone = new Set(design.parts.filter((p) => p.optional && roles.includes(p.role)).map((p) => p.role));
  if (gone.size === 0) return design;
  const stays = ({ role }: { role: string }) => !gone.has(role);
  return {
    ...design,
    parts: design.parts.filter(stays),
    pieces: design.pieces.map((p) => ({ ...p, inside: p.inside.filter(stays) })),
    blocks: design.blocks.map((b) => ({ ...b, takes: b.takes.filter(stays) })),
  };
}
