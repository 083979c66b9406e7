import type { Kitchen } from '@/core/breakdown/kitchen';
import type { ComposerKitchen } from '@/server/orders/composer';

/** The kitchen as the core asks it, of what the server sent. */
export function inBrowser({ formulas, ingredients, blocks, ...figures }: ComposerKitchen): Kitchen {
  const byId = <T extends { id: string }>(list: readonly T[]) => new Map(list.map((x) => [x.id, x]));
  return { ...figures, formulas: byId(formulas), ingredients: byId(ingredients), blocks: byId(blocks) };
}
