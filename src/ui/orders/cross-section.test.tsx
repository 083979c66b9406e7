/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import type { SectionView, TierSection } from '@/server/orders/section-view';
import { CrossSection } from './cross-section';

const tier: TierSection = {
  ...{ form: { form: 'round', diameter: 200 }, width: 200, body: 56, height: 61 },
  strata: [
    { kind: 'layer', from: 0, thickness: 25, inset: 0 },
    { kind: 'filling', from: 25, thickness: 6, inset: 10 },
    { kind: 'dam', from: 25, thickness: 6, inset: 0, until: 10 },
    { kind: 'layer', from: 31, thickness: 25, inset: 0 },
  ],
  coats: [{ kind: 'final coat', thickness: 5, side: 56 }],
  put: [],
};
const section = (stacks: SectionView['stacks'], note: string | null = null): SectionView => ({
  ...{ stacks, summary: 'round 20 cm', note },
});
const rects = () =>
  [...document.querySelectorAll('rect')].map((r) =>
    ['x', 'y', 'width', 'height'].map((a) => Number(r.getAttribute(a))),
  );

const outlines = () => [...document.querySelectorAll('path')].map((p) => p.getAttribute('d'));

describe('the cake cut open', () => {
  it('is drawn to the millimetre: every stratum where it lies, the coat around it', () => {
    render(<CrossSection section={section([{ tiers: [tier], count: 1, name: 'round 20 cm' }])} />);
    expect(screen.getByRole('img', { name: 'Cross-section: round 20 cm' })).toBeTruthy();
    const drawn = rects();
    expect(outlines()).toEqual(expect.arrayContaining(['M-105 0V-61H105V0Z', 'M-100 0V-56H100V0Z']));
    expect(drawn).toContainEqual([-100, -25, 200, 25]);
    expect(drawn).toContainEqual([-90, -31, 180, 6]);
    expect(drawn).toContainEqual([-100, -31, 10, 6]);
    expect(drawn).toContainEqual([90, -31, 10, 6]);
    expect(drawn).toContainEqual([-100, -56, 200, 25]);
  });
  it('cakes that are alike are drawn once, with their number; what is not plausible is said', () => {
    const stacks = [
      { tiers: [tier], count: 1, name: 'round 20 cm' },
      { tiers: [tier], count: 5, name: 'square 20 cm' },
    ];
    render(<CrossSection section={section(stacks, 'A party portion usually weighs 100–170 g.')} />);
    expect(screen.getByText('5 of these')).toBeTruthy();
    expect(screen.queryByText('1 of these')).toBeNull();
    expect(screen.getByText('A party portion usually weighs 100–170 g.')).toBeTruthy();
  });
  it('a roll shows its spiral', () => {
    const roll: TierSection = {
      ...{ form: { form: 'roll', length: 380, diameter: 110 }, width: 110, body: 110, height: 110, coats: [], put: [] },
      strata: [
        { kind: 'layer', from: 0, thickness: 10, inset: 0 },
        { kind: 'filling', from: 10, thickness: 6, inset: 0 },
      ],
    };
    render(<CrossSection section={section([{ tiers: [roll], count: 3, name: 'roll of 38 cm' }])} />);
    expect(document.querySelector('circle')!.getAttribute('r')).toBe('55');
    expect(document.querySelectorAll('path[stroke-width="10"]')).toHaveLength(1);
  });
  it('a house has its gable, coated as far as its wall, and a dome its round', () => {
    const house: TierSection = {
      ...tier,
      ...{ form: { form: 'house', length: 190, width: 160, wall: 140, ridge: 220 }, width: 160, body: 220 },
    };
    const dome: TierSection = { ...tier, form: { form: 'half-sphere', diameter: 70 }, width: 70, body: 35 };
    const stacks = [
      { tiers: [house], count: 1, name: 'house' },
      { tiers: [dome], count: 12, name: 'dome' },
    ];
    render(<CrossSection section={section(stacks)} />);
    expect(outlines()).toContain('M-80 0V-140L0 -220L80 -140V0Z');
    expect(outlines()).toContain('M-85 0V-145L0 -225L85 -145V0Z');
    expect(outlines()).toContain('M-35 0A35 35 0 0 1 35 0Z');
  });
});
