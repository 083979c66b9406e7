import type { Breaches } from './breaches';
import type { Reading } from './reading';

/** Rules 3, 4 and 8 of people: who is able, on shift, and at one thing at a time. */
export function checkCrews(reading: Reading, breaches: Breaches): void {
  const busy = new Map<string, { step: string; start: number; end: number; fact: boolean }[]>();
  const occupy = (person: string, step: string, start: number, end: number, fact: boolean) => {
    if (end > start) busy.set(person, [...(busy.get(person) ?? []), { step, start, end, fact }]);
  };
  const shifts = reading.problem.people.flatMap((p) => p.shifts);
  for (const [id, p] of reading.at) {
    const step = reading.steps.get(id);
    if (!step || !reading.exists(step)) continue;
    const fact = reading.isFact(id);
    const say = (rule: number, message: string) => breaches.say(rule, `step ${id} ${message}`);
    if (step.work !== 'hands' && p.people.length > 0) say(3, 'names people, and nobody does it by hand');
    if (step.work === 'hands') {
      const { count, skill } = step.people!;
      if (!fact && (p.people.length !== count || new Set(p.people).size !== count)) say(3, `takes ${count} people`);
      for (const who of new Set(p.people)) {
        const person = reading.people.get(who);
        if (!person) say(3, `names ${who}, who is not on the team`);
        else if (!fact && skill !== null && !person.skills.includes(skill)) say(3, `${who} cannot do ${skill}`);
        if (person && !fact && !person.shifts.some(([a, b]) => a <= p.start && p.end <= b))
          say(3, `does not lie within a shift of ${who}`);
        occupy(who, id, p.start, p.end, fact);
      }
    }
    if ((step.work !== 'oven' && step.work !== 'machine') || fact) continue;
    if (!shifts.some(([a, b]) => a <= p.start && p.start < b)) say(4, 'starts with nobody on shift');
    if (!shifts.some(([a, b]) => a <= p.end && p.end <= b)) say(4, 'ends with nobody on shift');
  }
  for (const { step, stands } of reading.unlistedFacts())
    for (const who of stands.people) occupy(who, step.id, stands.start, stands.end, true);
  for (const [who, list] of busy)
    list.forEach((a, i) =>
      list.slice(i + 1).forEach((b) => {
        if ((a.fact && b.fact) || a.end <= b.start || b.end <= a.start) return;
        breaches.say(a.fact || b.fact ? 8 : 3, `${who} does ${a.step} and ${b.step} at once`);
      }),
    );
}
