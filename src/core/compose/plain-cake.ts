import type { Kitchen } from '../breakdown/kitchen';
import type { Design, DesignBlock, Inside } from '../design/design';
import type { BlockKind } from '../design/kinds/kind';
import type { Formula } from '../formula/formula';
import { span, type Form } from '../shape/form';
import { say } from '../words/say';

/** Three layers of a usual thickness, mm. */
const LAYERS = 3;
const LAYER = 24;
/** Where the kitchen has no round tin yet. */
const ROUND: Form = { form: 'round', diameter: 200 };
/** What is done to it, in this order, by the first of each kind that the kitchen has. */
const WORK: readonly BlockKind[] = ['level', 'stack', 'box'];

/**
 * A cake of nothing but layers and a filling, of the kitchen's own formulas in a tin of its middle size: what a build of one's own begins as. Null
 * where there is no formula for layers, or none to fill them with.
 */
export function plainCake({ formulas, blocks, moulds }: Kitchen): Design | null {
  const sponge = firstFor(formulas, ['layers']);
  const filling = firstFor(formulas, ['filling', 'frosting']);
  if (!sponge || !filling) return null;
  const round = moulds.filter((m) => m.use === 'tin' && m.owned > 0 && m.form.form === 'round');
  const bySize = round.map((m) => m.form).sort((a, b) => span(a) - span(b));
  const between: Inside = { is: 'filling', role: 'filling', amount: 'usual' };
  const inside = Array.from({ length: LAYERS }, (_, i): Inside[] => [
    ...(i > 0 ? [between] : []),
    { is: 'layer', role: 'layers', mm: LAYER },
  ]).flat();
  const work = WORK.flatMap((kind): DesignBlock[] => {
    const block = [...blocks.values()].find((b) => b.kind === kind && !b.retired);
    return block ? [{ key: kind, block: block.id, takes: [] }] : [];
  });
  return {
    name: say`A cake of our own`,
    portion: 'party',
    parts: [
      {
        ...{ role: 'layers', label: sponge.name, made: { formula: sponge.id } },
        layers: { from: 'tins', depth: 50, most: 2 },
      },
      { role: 'filling', label: filling.name, made: { formula: filling.id } },
    ],
    pieces: [{ key: 't1', form: bySize[Math.floor(bySize.length / 2)] ?? ROUND, inside }],
    blocks: work,
  };
}

/** The first formula in use for the first of these purposes that there is one for, by name. */
function firstFor(formulas: Kitchen['formulas'], purposes: readonly Formula['purpose'][]): Formula | null {
  const inUse = [...formulas.values()].filter((f) => !f.retired).sort((a, b) => (a.name < b.name ? -1 : 1));
  for (const purpose of purposes) {
    const first = inUse.find((f) => f.purpose === purpose);
    if (first) return first;
  }
  return null;
}
