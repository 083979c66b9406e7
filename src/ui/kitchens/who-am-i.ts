import { kitchenInPath } from '@/addresses';

const keyOf = (kitchen: string) => `zl-by-${kitchen}`;

/** Who uses this device in a kitchen, where they have said so: the id of a person, or ''. */
export const storedWho = (kitchen: string): string => {
  try {
    return localStorage.getItem(keyOf(kitchen)) ?? '';
  } catch {
    return '';
  }
};

export function storeWho(kitchen: string, person: string): void {
  if (person === '') localStorage.removeItem(keyOf(kitchen));
  else localStorage.setItem(keyOf(kitchen), person);
}

/** The header that says who sends; nothing where nobody has said it. */
export function whoAmI(): Record<string, string> {
  const kitchen = kitchenInPath(globalThis.location?.pathname ?? '/');
  const person = kitchen === null ? '' : storedWho(kitchen);
  return person === '' ? {} : { 'zest-by': person };
}
