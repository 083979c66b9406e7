import type { BreakdownChange } from '../../core/breakdown/compare-breakdowns';
import { changeWords } from './change-words';

const SAID: [string, BreakdownChange][] = [
  ['Soak: 120 g → 131 g', { kind: 'amount', part: 'Soak', from: 120.4, to: 131 }],
  ['Frosting: Quince curd → Ganache', { kind: 'formula', part: 'Frosting', from: 'Quince curd', to: 'Ganache' }],
  ['Roses falls away', { kind: 'part', part: 'Roses', gone: true }],
  ['Roses is added', { kind: 'part', part: 'Roses', gone: false }],
  ['Bake: 35 min → 1 h 10', { kind: 'minutes', step: 'o1.layers.bake', name: 'Bake', from: 35, to: 70 }],
  ['The step “Bake” falls away', { kind: 'step', step: 'o1.layers.bake', name: 'Bake', gone: true }],
  ['The step “Bake” is added', { kind: 'step', step: 'o1.layers.bake', name: 'Bake', gone: false }],
  ['Other waits between “Stack” and “Coat”', { kind: 'waits', from: 'Stack', to: 'Coat' }],
  ['14 → 16 portions', { kind: 'portions', from: 14, to: 16 }],
];

it('what newer rules change is said in a line each', () => {
  for (const [said, change] of SAID) expect(changeWords(change)).toBe(said);
});
