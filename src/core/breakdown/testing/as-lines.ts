import type { Hold, Wait, When } from '../../planning-format/problem';
import type { Breakdown } from '../breakdown';
import type { CakeStep } from '../steps/cake-step';

const when = (w: When | undefined) => (w ? ` if ${w.route}=${w.choice}` : '');

function stepLine(s: CakeStep): string {
  const { low, likely, high } = s.minutes;
  return [
    `${s.id} “${s.name}” ${s.work} ${low}/${likely}/${high} min${when(s.when)}`,
    ...(s.people ? [`${s.people.count} × ${s.people.skill ?? 'anyone'}`] : []),
    ...s.uses.map((u) => `${u.units} ${u.kind}`),
    ...(s.oven ? [`${s.oven.celsius} °C, ${s.oven.units} slots`] : []),
    ...(s.amount === null ? [] : [s.amount]),
    ...(s.grams === null ? [] : [`${s.grams.toFixed(1)} g`]),
    ...s.preparations.map((p) => `${p.kind} ${p.before} min before: ${p.text}`),
    ...s.reminders.map((r) => `after ${r.after}${r.every ? ` every ${r.every}` : ''}: ${r.text}`),
    ...(s.check ? [`check ${s.check.kind}: ${s.check.text}`] : []),
    ...(s.earliest === null ? [] : [`from ${s.earliest}`]),
    ...(s.how || s.sign || s.caution
      ? [`says ${[s.how, s.sign, s.caution].map((t) => (t ? t.length : '–')).join('/')}`]
      : []),
  ].join(' | ');
}

const waitLine = (w: Wait) =>
  `${w.id} ${w.min}–${w.max ?? '∞'} min${w.place === null ? '' : ` in ${w.units} ${w.place}`}, ages ${w.ageing}${when(w.when)}: ${w.why}`;

const holdLine = (h: Hold) => `${h.id} holds ${h.units} ${h.kind} from ${h.from} until ${h.until}${when(h.when)}`;

/** All that a breakdown gives the planner and the bench, a line each: for comparing with what it was. Texts that are passed through are told by their length. */
export const breakdownLines = (b: Breakdown): string[] => [
  ...b.cake.tiers.map((t) => `tier ${JSON.stringify(t.form)} ${t.body.toFixed(2)} mm, ${t.height.toFixed(2)} coated`),
  `${b.cake.portions} portions`,
  ...b.components.map((c) => `${c.role}: ${c.label}, ${c.amount.grams.toFixed(2)} g`),
  ...b.leftOvers.map((l) => `left of ${l.from}: ${l.kind} ${l.grams.toFixed(1)} g, ${l.left.toFixed(1)} g over`),
  ...b.steps.map(stepLine),
  ...b.waits.map(waitLine),
  ...b.holds.map(holdLine),
  ...b.routes.map((r) => `route ${r.id}: ${r.choices.join(' or ')}`),
  ...b.allergens.map((a) => `${a.allergen} from ${a.from.join(', ')}`),
];
