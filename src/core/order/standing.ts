import type { Component } from '../breakdown/amounts/component';
import { madeBy } from '../breakdown/amounts/stored-as';
import type { Coefficients } from '../breakdown/figures/coefficients';
import type { Formula } from '../formula/formula';
import { durationText } from '../time/duration-text';
import { say } from '../words/say';

/** Where a cake stands from its pickup until it is eaten. */
export interface Standing {
  hours: number;
  /** °C at the warmest. */
  celsius: number;
  outdoors: boolean;
}

/** Parts that do not bear standing there, and why. */
interface NotBorne {
  roles: string[];
  why: string;
}

/** What keeps in these places keeps by the cold. */
const COLD: readonly (string | null)[] = ['fridge', 'freezer'];
/** What spoils or runs. A sponge and a soak are cold for convenience, a sugar flower because it must be dry. */
const WET: readonly Formula['purpose'][] = ['filling', 'set filling', 'frosting', 'glaze', 'fruit'];

/**
 * What of a cake does not bear standing where it will stand: fillings and coats that keep in the cold are out of it for so long as the kitchen's
 * figures say, shorter where it is hot. Drawn from the store, a part is reckoned by what it was made by. Local food law comes first.
 */
export function notBorne(
  components: readonly Pick<Component, 'role' | 'label' | 'formula'>[],
  { hours, celsius, outdoors }: Standing,
  { warmth }: Pick<Coefficients, 'warmth'>,
): NotBorne | null {
  const minutes = hours * 60;
  const most = celsius >= warmth.hotFrom ? warmth.hotOut : warmth.coldOut;
  if (minutes <= most) return null;
  const cold = components.filter(
    ({ formula }) => COLD.includes(formula.keeping.place) && WET.includes(formula.purpose),
  );
  // One formula in several places is one thing to think of.
  const once = [...new Map(cold.map((c) => [madeBy(c.formula.id), c])).values()];
  if (once.length === 0) return null;
  const where = outdoors ? say`outdoors at ${celsius} °C` : say`at ${celsius} °C`;
  const [names, borne, stands] = [once.map((c) => c.label).join(', '), durationText(most), durationText(minutes)];
  return {
    roles: once.map((c) => c.role),
    why: say`Kept in the cold: ${names}. At most ${borne} ${where}, and the cake would stand ${stands}. Keep it cold until it is eaten, or exchange them.`,
  };
}
