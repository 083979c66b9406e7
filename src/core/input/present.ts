/** The value without fields that are undefined: what was there before and is no more must not be there at all. */
export function present<T extends object>(value: { [K in keyof T]: T[K] | undefined }): T {
  return Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as T;
}
