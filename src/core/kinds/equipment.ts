import { valueAt } from '../ids/value-at';
import { OVEN } from '../planning-format/problem';

/** What is known of a kind of equipment, whatever kitchen has it. */
interface EquipmentKind {
  /** Has to be washed up after a step: a batch for several orders saves it. */
  washed?: boolean;
  /** Changes its temperature, °C a minute, where the kitchen has not said how fast. */
  heats?: { heatRate: number; coolRate: number };
}

/**
 * Kinds that the product knows something of. A kitchen may have any others, such as its tins: nothing is known of those but how many
 * there are. A new one is a line here.
 */
export const EQUIPMENT_KINDS: Readonly<Record<string, EquipmentKind>> = {
  [OVEN]: { heats: { heatRate: 5, coolRate: 2.5 } },
  mixer: { washed: true },
  hob: { washed: true },
  turntable: {},
};

export const isWashed = (kind: string) => valueAt(EQUIPMENT_KINDS, kind)?.washed === true;
