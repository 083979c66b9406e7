/** @jest-environment jsdom */
import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import type { CouldBe } from '@/core/compose/could-be';
import { withThickness } from '@/core/compose/edits/inside';
import { blocks, design, sums } from '@/core/compose/testing/two-tiers';
import { CouldBeList } from './could-be-list';
import { NumberField } from './number-field';
import { placedIn } from '../section/placed';
import { PlacesList } from './places-list';
import { useDesign } from './use-design';
import { useKeptDraft, type KeptDraft } from './use-kept-draft';

describe('the cake in words', () => {
  const shown = () => {
    const told: string[] = [];
    render(
      <PlacesList
        design={design}
        sums={sums}
        blocks={blocks}
        chosen={{ on: 'piece', piece: 't1' }}
        onChoose={(p) => told.push(`choose ${JSON.stringify(p)}`)}
        onThicker={(p, by) => told.push(`thicker ${by} ${p.on}`)}
        onTakeOut={(p) => told.push(`out ${p.on}`)}
      />,
    );
    return told;
  };
  it('names everything from the top down, and the work in its order', () => {
    shown();
    const names = screen.getAllByRole('button', { hidden: true }).map((b) => b.textContent);
    expect(names.findIndex((n) => n.startsWith('Upper tier'))).toBeLessThan(
      names.findIndex((n) => n.startsWith('Lower tier')),
    );
    expect(names).toEqual(expect.arrayContaining(['Walnut sponge layer 4, 24 mm', 'Dark ganache gap 1, 6 mm']));
    expect(screen.getByRole('button', { name: /^Lower tier/, hidden: true }).getAttribute('aria-pressed')).toBe('true');
  });
  it('is gone along by arrows, made thicker and thinner by plus and minus, and taken out', () => {
    const told = shown();
    const gap = screen.getAllByRole('button', { name: /gap 1, 6 mm/, hidden: true })[0]!;
    gap.focus();
    for (const key of ['+', '-', 'Delete']) fireEvent.keyDown(gap, { key });
    expect(told).toEqual(['thicker 1 inside', 'thicker -1 inside', 'out inside']);
    fireEvent.keyDown(gap, { key: 'ArrowDown' });
    expect(document.activeElement!.textContent).toContain('soak on layer 1');
    fireEvent.keyDown(document.activeElement!, { key: 'ArrowUp' });
    expect(document.activeElement).toBe(gap);
    fireEvent.click(gap);
    expect(told.at(-1)).toBe(`choose ${JSON.stringify({ on: 'inside', piece: 't2', at: 2 })}`);
  });
});

describe('a number', () => {
  it('takes effect as it is typed as long as it can be, and says what can', () => {
    const set: number[] = [];
    render(
      <NumberField
        label="Thickness"
        unit="mm"
        value={6}
        least={1}
        most={40}
        step={0.5}
        onChange={(n) => set.push(n)}
      />,
    );
    const field = screen.getByLabelText('Thickness, mm');
    fireEvent.change(field, { target: { value: '90' } });
    expect(screen.getByText('1–40')).toBeTruthy();
    fireEvent.change(field, { target: { value: '' } });
    fireEvent.change(field, { target: { value: '8.5' } });
    expect(set).toEqual([8.5]);
    fireEvent.blur(field);
    expect((field as HTMLInputElement).value).toBe('6');
  });
});

describe('what could be in a place', () => {
  const offer = (id: string, more: Partial<CouldBe> = {}): CouldBe => ({
    ...{ id, name: id, family: '', colour: null, keeps: 1440, allergens: [], clashes: [], is: false },
    ...more,
  });
  it('is struck out where it harms, with why; the others are one tap', () => {
    const taken: string[] = [];
    const offers = [offer('now', { is: true }), offer('good'), offer('bad', { clashes: ['nuts'] })];
    render(<CouldBeList offers={offers} onTake={(id) => taken.push(id)} />);
    expect(screen.getByRole('radio', { name: /bad/ })).toHaveProperty('disabled', true);
    expect(screen.getByRole('radio', { name: /bad/ }).textContent).toContain('nuts: the eaters must not get it');
    fireEvent.click(screen.getByRole('radio', { name: /good/ }));
    fireEvent.click(screen.getByRole('radio', { name: /bad/ }));
    expect(taken).toEqual(['good']);
  });
});

describe('what was before', () => {
  it('comes back step by step; a drag is one step', () => {
    const { result } = renderHook(() => useDesign(design));
    const thick = (mm: number, goesOn = false) =>
      act(() => result.current.change((d) => withThickness(d, 't1', 2, mm), { goesOn }));
    thick(8);
    thick(9);
    thick(10, true);
    thick(11, true);
    const mm = () => {
      const item = result.current.design.pieces[0]!.inside[2]!;
      return item.is === 'filling' && typeof item.amount === 'object' && 'mm' in item.amount ? item.amount.mm : null;
    };
    expect(mm()).toBe(11);
    act(() => result.current.undo());
    expect(mm()).toBe(8);
    act(() => result.current.undo());
    expect([result.current.design, result.current.canUndo]).toEqual([design, false]);
    act(() => result.current.redo());
    act(() => result.current.redo());
    expect([mm(), result.current.canRedo]).toEqual([11, false]);
    act(() => result.current.undo());
    thick(20);
    expect(result.current.canRedo).toBe(false);
  });
  it('is kept on the device until it is taken or forgotten', () => {
    const draft = { values: { title: 'One' }, design } as unknown as KeptDraft<{ title: string }>;
    const first = renderHook(({ changed }) => useKeptDraft('k', draft, changed), { initialProps: { changed: false } });
    expect(first.result.current.left).toBeNull();
    first.rerender({ changed: true });
    const second = renderHook(() => useKeptDraft('k', draft, false));
    expect(second.result.current.left).toEqual(draft);
    act(() => second.result.current.forget());
    expect([second.result.current.left, localStorage.getItem('k')]).toEqual([null, null]);
    localStorage.setItem('k', '{broken');
    expect(renderHook(() => useKeptDraft('k', draft, false)).result.current.left).toBeNull();
  });
});

describe('where pieces stand', () => {
  it('on one another where they are smaller, else side by side on one board', () => {
    const { placed, height } = placedIn(sums.pieces);
    expect(placed.map((p) => [p.piece.key, Math.round(p.bottom)])).toEqual([
      ['t1', 0],
      ['t2', Math.round(sums.pieces[0]!.height)],
    ]);
    // With the shards that lie on it.
    expect(height).toBeCloseTo(
      sums.height + Math.max(...sums.pieces[1]!.put.map((p) => (p.where === 'top' ? p.tall : 0))),
      6,
    );
    const two = placedIn([sums.pieces[0]!, { ...sums.pieces[0]!, key: 'x' }]);
    expect(two.placed.map((p) => p.bottom)).toEqual([0, 0]);
    expect(two.placed[1]!.x - two.placed[0]!.x).toBeGreaterThan(sums.pieces[0]!.width);
  });
});
