/**
 * Numbers of a command's options that have to be whole, in the order of their names; ends the command with a sentence where one is not.
 *
 * @param least none may be less
 */
export function wholeNumbers<const K extends string>(
  values: Readonly<Record<K, string>>,
  names: readonly K[],
  least = 0,
): Record<K, number> {
  const numbers = names.map((name) => [name, Number(values[name])] as const);
  const wrong = numbers.find(([, n]) => !Number.isInteger(n) || n < least);
  if (wrong) refuse(`--${wrong[0]} is a whole number of ${least} or more.`);
  return Object.fromEntries(numbers) as Record<K, number>;
}

/** As `wholeNumbers`, for a list with commas. */
export function wholeNumberList(value: string, name: string, least = 1): number[] {
  const list = value.split(',').map(Number);
  if (list.some((n) => !Number.isInteger(n) || n < least))
    refuse(`--${name} are whole numbers of ${least} or more, with commas.`);
  return list;
}

/** Says why, and ends the command as the tools here do for what cannot be read. */
export function refuse(why: string): never {
  process.stderr.write(`${why} See cli/README.md.\n`);
  process.exit(2);
}
