/**
 * What a record has under a key that people have chosen, such as an id, a skill or the name of a step; undefined where it has nothing.
 * Every object also answers to words like `constructor`, and somebody may call a tin so.
 */
export const valueAt = <T>(record: Readonly<Record<string, T>> | undefined, key: string): T | undefined =>
  record !== undefined && Object.hasOwn(record, key) ? record[key] : undefined;
