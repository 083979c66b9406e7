import type { Formula } from './formula';

/** Do two versions of a formula say the same of how it is made? Whether it is in use is nothing of that. */
export function madeAlike(a: Formula, b: Formula): boolean {
  return said(a) === said(b);
}

/** Everything that it says, whatever the order of its fields. */
const said = ({ retired, ...rest }: Formula): string => {
  void retired;
  return JSON.stringify(rest, (_, value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([x], [y]) => (x < y ? -1 : 1)))
      : value,
  );
};
