import type { Design } from '../design/design';
import type { DesignProblem } from '../design/design-problem';
import { roleAt, type Place } from './place';

/** What is wrong with what stands in a place, and with all that is within it. */
export function problemsAt(place: Place, problems: readonly DesignProblem[], design: Design): string[] {
  const path = pathOf(place, design);
  if (path === null) return [];
  const role = roleAt(place, design);
  const part = role === null ? null : `parts.${design.parts.findIndex((p) => p.role === role)}`;
  const within = (at: string, of: string) => at === of || at.startsWith(`${of}.`);
  return problems.filter((p) => within(p.path, path) || (part && within(p.path, part))).map((p) => p.message);
}

/** The piece in which something is wrong: where it stands, or what the work is on that is wrong. Null of what is in no one piece. */
export function pieceWrong({ path }: DesignProblem, { pieces }: Design): string | null {
  const [, at] = /^pieces\.(\d+)/.exec(path) ?? [];
  return at === undefined ? null : (pieces[Number(at)]?.key ?? null);
}

function pathOf(place: Place, { pieces, blocks }: Design): string | null {
  if (place.on === 'space') return null;
  if (place.on === 'block') return `blocks.${blocks.findIndex((b) => b.key === place.block)}`;
  const piece = `pieces.${pieces.findIndex((p) => p.key === place.piece)}`;
  return place.on === 'piece' ? piece : `${piece}.inside.${place.at}`;
}
