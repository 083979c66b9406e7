import type { LadderView } from '@/server/ladder/ladder-view';
import { standLadders } from './ladder-widths';

const ladders = (count: number) =>
  Array.from({ length: count }, (_, i) => ({
    order: i + 1,
    components: [
      { role: 'base', label: 'Base' },
      { role: 'cream', label: 'Cream' },
    ],
  })) as LadderView[];
const none = new Set<number>();

describe('where ladders stand', () => {
  it('is as near as can be read where there are many, and they fill the room where there are few', () => {
    const many = standLadders(ladders(40), none, 'day', 970);
    expect(many.standing[1]!.x).toBe(100);
    expect(many.standing.filter((s) => s.x + s.width <= 970)).toHaveLength(9);
    expect(standLadders(ladders(6), none, 'day', 970).standing[1]!.x).toBe(161);
    expect(standLadders(ladders(2), none, 'day', 970).standing[1]!.x).toBe(180);
  });

  it('is side by side without overlap, an open one as wide as its parts', () => {
    const { standing, width, total } = standLadders(ladders(5), new Set([2]), 'day', 500);
    standing.forEach((s, i) => expect(s.x).toBe(i === 0 ? 0 : standing[i - 1]!.x + standing[i - 1]!.width + 8));
    expect(standing[1]!.width).toBe(3 * width + 16);
    expect(total).toBe(standing[4]!.x + width + 8);
  });

  it('lets eighty fit a window as a picture', () => {
    expect(standLadders(ladders(80), none, 'week', 1100).total).toBeLessThanOrEqual(1100);
  });
});
