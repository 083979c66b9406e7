import { retell } from '../../core/measure/retell';
import type { Reading } from '../../core/measure/show-quantity';
import type { BenchStep, AloneView } from './bench-reader';

/** A step in the units that its person reads. Numbers to be typed stay in °C and g, as the probe and the scale have them. */
export function retold(s: BenchStep, reading: Reading): BenchStep {
  const say = <T extends string | null>(text: T) => (text === null ? text : retell(text, reading)) as T;
  return {
    ...s,
    ...{ name: say(s.name), amount: say(s.amount), how: say(s.how), sign: say(s.sign), caution: say(s.caution) },
    ...{ goesIn: s.goesIn.map(say), rescues: s.rescues.map(say) },
    stood: say(s.stood),
    reminders: s.reminders.map((r) => ({ ...r, text: say(r.text) })),
    prepare: s.prepare.map((p) => ({ ...p, text: say(p.text) })),
  };
}

export function retoldAlone(a: AloneView, reading: Reading): AloneView {
  return { ...a, detail: retell(a.detail, reading) };
}
