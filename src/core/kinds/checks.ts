/** What is known of a kind of check at the end of a step. */
interface CheckKind {
  /** The unit in which it is read; null where hands and eyes decide. */
  unit: '°C' | 'g' | null;
  /** Does a reading reach the limit? */
  reaches?: (reading: number, limit: number) => boolean;
}

const felt: CheckKind = { unit: null };
const atLeast = (reading: number, limit: number) => reading >= limit;

/** Every kind of check. A new one is a line here. */
export const CHECKS = {
  'temperature at most': { unit: '°C', reaches: (reading, limit) => reading <= limit },
  'temperature at least': { unit: '°C', reaches: atLeast },
  'cold to the touch': felt,
  doubled: felt,
  'skewer clean': felt,
  'skewer moist': felt,
  'springs back': felt,
  'soft peak': felt,
  'medium peak': felt,
  'firm peak': felt,
  colour: felt,
  'set at the edge': felt,
  'dry to the touch': felt,
  weight: { unit: 'g', reaches: atLeast },
  level: felt,
} satisfies Record<string, CheckKind>;

export type CheckName = keyof typeof CHECKS;

/** What is known of a kind; of one that an older kitchen stored and nobody knows any more, that it is felt. */
export const checkKind = (name: CheckName): CheckKind => CHECKS[name] ?? felt;
