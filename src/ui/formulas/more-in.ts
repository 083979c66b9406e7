import { say, term } from '@/core/words/say';
import type { StepForm } from '@/core/input/formula-step-input';

/** What a step says beside what it always says, in a few words: for the button that opens it. */
export function moreIn(s: StepForm): string[] {
  return [
    ...s.uses.map((u) => (u.units > 1 ? `${u.units} × ${term(u.kind)}` : term(u.kind))),
    ...(s.tinsUntil === '' ? [] : [say`holds tins`]),
    ...(s.bySize ? [say`slots by size`] : []),
    ...(s.perKilo === null && s.perPiece === null && s.perTin === null ? [] : [say`minutes that grow`]),
    ...(s.check.kind === '' ? [] : [say`check: ${term(s.check.kind)}`]),
    ...(s.reminders.length === 0 ? [] : [say`${s.reminders.length} × reminder`]),
    ...(s.chill || s.prepare.length > 0 ? [say`prepared`] : []),
    ...(s.when === '' ? [] : [say`one school only`]),
    ...s.waits.filter((w) => w.from !== '').map(() => say`after another step`),
  ];
}
