/** A number with its noun: "1 portion", "12 portions"; "2 loaves" where the plural is given. */
export const counted = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;
