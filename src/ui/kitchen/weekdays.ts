import { say } from '@/core/words/say';

/** Monday is 1. */
export const WEEKDAYS: readonly { day: number; short: string; name: string }[] = [
  { day: 1, short: say`Mon`, name: say`Monday` },
  { day: 2, short: say`Tue`, name: say`Tuesday` },
  { day: 3, short: say`Wed`, name: say`Wednesday` },
  { day: 4, short: say`Thu`, name: say`Thursday` },
  { day: 5, short: say`Fri`, name: say`Friday` },
  { day: 6, short: say`Sat`, name: say`Saturday` },
  { day: 7, short: say`Sun`, name: say`Sunday` },
];

export const weekdayName = (day: number) => WEEKDAYS[day - 1]?.name ?? '';
