import type { Hold, Wait, When } from '../../planning-format/problem';
import { formName } from '../../shape/form';
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

const componentLine = ({ role, label, optional, amount: a }: Breakdown['components'][number]): string =>
  [
    `${role}${optional ? ' (may be left out)' : ''}: ${label}, ${a.grams.toFixed(2)} g${a.raw ? ' raw' : ''}`,
    ...(a.pieces === null ? [] : [`${a.pieces} pieces`]),
    ...(a.computed === null ? [] : [`computed ${a.computed.toFixed(2)} g`]),
    ...a.loads.map((l) => `tier ${l.tier}: ${l.tins} × ${l.gramsEach.toFixed(2)} g into ${formName(l.form)}`),
    ...a.portions.map(
      (p) => `${p.grams.toFixed(2)} g ${p.use}${p.leftOver ? ` (${p.leftOver})` : ''}${p.lost ? ' lost' : ''}`,
    ),
    a.because,
  ].join(' | ');

const waitLine = (w: Wait) =>
  `${w.id} ${w.min}–${w.max ?? '∞'} min${w.place === null ? '' : ` in ${w.units} ${w.place}`}, ages ${w.ageing}${when(w.when)}: ${w.why}`;

const holdLine = (h: Hold) => `${h.id} holds ${h.units} ${h.kind} from ${h.from} until ${h.until}${when(h.when)}`;

/** All that a breakdown gives the planner and the bench, a line each: for comparing with what it was. Texts that are passed through are told by their length. */
export const breakdownLines = (b: Breakdown): string[] => [
  ...b.cake.tiers.map((t) => `tier ${JSON.stringify(t.form)} ${t.body.toFixed(2)} mm, ${t.height.toFixed(2)} coated`),
  `${b.cake.portions} portions`,
  ...b.components.map(componentLine),
  ...b.leftOvers.map((l) => `left of ${l.from}: ${l.kind} ${l.grams.toFixed(1)} g, ${l.left.toFixed(1)} g over`),
  ...b.drawn.map(
    (d) =>
      `${d.role} draws ${d.ingredient}: ${d.needed.toFixed(1)} g, ${d.short.toFixed(1)} g short | ${d.from.map((f) => `${f.role} ${f.grams.toFixed(1)}`).join(', ')}`,
  ),
  ...b.steps.map(stepLine),
  ...b.waits.map(waitLine),
  ...b.holds.map(holdLine),
  ...b.routes.map((r) => `route ${r.id}: ${r.choices.join(' or ')}`),
  ...b.allergens.map((a) => `${a.allergen} from ${a.from.join(', ')}`),
];
