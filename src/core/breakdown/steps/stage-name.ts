import type { Component } from '../amounts/component';
import type { DesignPart } from '../../design/design';
import type { Stage } from '../../design/work';

/** What a part is called in the name of a stage: "[fruit:wheels]" are the wheels of the role `fruit`. */
const PART = /\[([\w-]+):([^\]]+)\]/g;
/** In the place of a role: what the cake says. */
const INSCRIPTION = 'inscription';
/** Where every part that it is named after was left out. */
const NOTHING_LEFT = 'Finish';

/**
 * What a stage is called on one cake: after what is there. A part that was exchanged goes by its formula's name, one that was left out is not
 * named; on a cake of one tier it has the name for one.
 * Example: "Border and [fruit:wheels]" is "Border and wheels", "Border and sugar sails", or "Border".
 */
export function stageName(
  stage: Pick<Stage, 'name' | 'oneTier'>,
  parts: readonly DesignPart[],
  components: Component[],
  { tiers, says }: { tiers: number; says: boolean },
): string {
  const template = tiers === 1 ? (stage.oneTier ?? stage.name) : stage.name;
  const named = template.replace(PART, (_, role: string, text: string) => {
    if (role === INSCRIPTION) return says ? text : '';
    const made = components.find((c) => c.role === role);
    if (!made) return '';
    const usual = parts.find((p) => p.role === role);
    const isUsual = usual && (!('formula' in usual.made) || usual.made.formula === made.formula.id);
    return isUsual ? text : inside(made.formula.name);
  });
  const said = named
    .split(/(, | and )/)
    .filter((word) => word !== '')
    .join('')
    .replace(/^(, | and )+|(, | and )+$/g, '')
    .replace(/(, | and )+(?=, | and )/g, '')
    .trim();
  return said === '' ? NOTHING_LEFT : said.charAt(0).toUpperCase() + said.slice(1);
}

/** A formula's name inside a phrase. */
const inside = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);
