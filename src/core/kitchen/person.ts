import type { Reading } from '../measure/show-quantity';
import type { WorkingHours } from '../time/working-hours';

/** What somebody can do. */
interface Skill {
  /** The kitchen’s own word for it; formulas ask for it by this. */
  name: string;
  /** How long they take at it, times the usual: 1 for who does it, more while they learn. */
  pace: number;
}

/** Somebody of the team. */
export interface Person extends WorkingHours {
  name: string;
  initials: string;
  colour: PersonColour;
  skills: Skill[];
  /** They may be asked for so many minutes a day beyond their shift; 0 where nobody asks. */
  overtime: number;
  /** Units of their own; null reads as the kitchen does. */
  reading: Reading | null;
}

/** What people are told apart by beside their initials; the screens know how each looks in the light and in the dark. */
export const PERSON_COLOURS = ['moss', 'rust', 'slate', 'plum', 'sand', 'rose', 'sea', 'stone'] as const;
type PersonColour = (typeof PERSON_COLOURS)[number];

/** Skills that the starter library asks for. A kitchen may have others. */
export const USUAL_SKILLS = ['mix', 'bake', 'fill', 'coat', 'decorate', 'paste', 'sugar'] as const;

/** Whoever learns takes so many times the usual, until somebody has said it otherwise. */
export const LEARNING = 1.6;

export const skillNames = ({ skills }: Pick<Person, 'skills'>): string[] => skills.map((s) => s.name);

/** The paces that are not the usual one, by skill; undefined where all are. */
export function paceOfSkills({ skills }: Pick<Person, 'skills'>): Record<string, number> | undefined {
  const own = skills.filter((s) => s.pace !== 1);
  return own.length > 0 ? Object.fromEntries(own.map((s) => [s.name, s.pace])) : undefined;
}

/**
 * Initials that nobody else has, of at most three letters: “Ines” is IN, or INE where somebody is IN already.
 */
export function initialsFor(name: string, taken: readonly string[]): string {
  const words = name
    .normalize('NFC')
    .toUpperCase()
    .match(/\p{L}+/gu) ?? ['?'];
  const [first = '?', ...more] = words;
  const firsts = words.map((w) => w[0]!).join('');
  const tries = [
    ...(more.length > 0 ? [firsts.slice(0, 3)] : []),
    first.slice(0, 2),
    first.slice(0, 3),
    ...[...first.slice(2)].map((letter) => first[0]! + letter),
    ...Array.from({ length: 98 }, (_, n) => `${first[0]!}${n + 2}`),
  ];
  return tries.find((t) => !taken.includes(t)) ?? first.slice(0, 3);
}
