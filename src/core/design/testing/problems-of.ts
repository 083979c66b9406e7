import { say } from '../../words/say';
import type { Design } from '../design';
import type { DesignProblem } from '../design-problem';
import { wrongOrders } from '../order-of-work';
import { cannotBeMade, type DesignKitchen } from '../problems';

/** Everything that cannot be about a design, where it stands; none of a design that can be made. */
export function problemsOf(design: Design, kitchen: DesignKitchen): DesignProblem[] {
  const cannot = cannotBeMade(design, kitchen);
  if (cannot.length > 0) return cannot;
  return [
    ...wrongOrders(design, kitchen.blocks).map(({ block, after, would }) => ({
      path: `blocks.${design.blocks.findIndex((b) => b.key === block)}`,
      message: say`${nameOf(block, design, kitchen)} comes before ${nameOf(after, design, kitchen)}: ${would}.`,
    })),
  ];
}

const nameOf = (key: string, design: Design, { blocks }: DesignKitchen) => {
  const placed = design.blocks.find((b) => b.key === key)!;
  return placed.stage?.name ?? placed.ownStages?.[0]?.name ?? blocks.get(placed.block)?.name ?? key;
};
