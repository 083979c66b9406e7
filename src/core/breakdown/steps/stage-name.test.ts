import type { Component } from '../amounts/component';
import type { DesignPart } from '../../design/design';
import type { Stage } from '../../design/work';
import { stageName } from './stage-name';

const parts: DesignPart[] = [
  { role: 'fruit', label: 'Wheels', made: { formula: 'candied-orange' } },
  { role: 'crumbs', label: 'Crumbs', made: { formula: 'crumbs' } },
];
const made = (role: string, id: string, name: string) => ({ role, formula: { id, name } }) as Component;
const wheels = made('fruit', 'candied-orange', 'Candied orange wheels');
const named = (name: string, components: Component[], tiers = 1, oneTier?: string, says = false) =>
  stageName({ name, ...(oneTier && { oneTier }) } as Stage, parts, components, { tiers, says });

describe('what a stage is called', () => {
  it('is what the build says, where everything is as the build has it', () => {
    expect(named('Border and [fruit:wheels]', [wheels])).toBe('Border and wheels');
    expect(named('Crumb coat', [])).toBe('Crumb coat');
  });
  it('follows what was exchanged', () => {
    expect(named('Border and [fruit:wheels]', [made('fruit', 'sails', 'Sugar sails')])).toBe('Border and sugar sails');
    expect(named('[fruit:Wheels], inscription', [made('fruit', 'sails', 'Sugar sails')])).toBe(
      'Sugar sails, inscription',
    );
  });
  it('names nothing that was left out', () => {
    expect(named('Border and [fruit:wheels]', [])).toBe('Border');
    expect(named('[fruit:Wheels], inscription', [])).toBe('Inscription');
    expect(named('[crumbs:Crumb foot], [fruit:wheels] and a plaque', [wheels])).toBe('Wheels and a plaque');
    expect(named('Foot, [crumbs:crumbs] and [fruit:wheels]', [])).toBe('Foot');
    expect(named('[fruit:Wheels on top]', [])).toBe('Finish');
  });
  it('speaks of an inscription only where the cake says something', () => {
    const says = (name: string, yes: boolean) => named(name, [wheels], 1, undefined, yes);
    expect(says('[fruit:Wheels], [inscription:inscription]', true)).toBe('Wheels, inscription');
    expect(says('[fruit:Wheels], [inscription:inscription]', false)).toBe('Wheels');
    expect(says('Pipe and [inscription:inscribe]', false)).toBe('Pipe');
  });
  it('speaks of tiers only where there are some', () => {
    expect(named('Dowel and stand tiers', [], 2, 'Onto its board')).toBe('Dowel and stand tiers');
    expect(named('Dowel and stand tiers', [], 1, 'Onto its board')).toBe('Onto its board');
  });
});
