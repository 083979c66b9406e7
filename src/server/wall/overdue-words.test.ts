import { overdueWords, type Overdue } from './overdue-words';

const clock = { origin: '2027-05-20T00:00:00Z', zone: 'UTC' };
const NOW = 9 * 60 + 40;
const behind = (order: number, title: string, pickup: number, name: string, start: number): Overdue => ({
  ...{ order, title, pickup, name, start },
});
const DAY = 1440;

describe('what should have begun', () => {
  it('is that of the cake that leaves soonest, though another is behind for longer', () => {
    const said = overdueWords(
      [
        behind(1, 'Far away', 3 * DAY, 'Mix sponge', 60),
        behind(2, 'At ten', 10 * 60, 'Check and box', NOW - 6),
        behind(2, 'At ten', 10 * 60, 'Pipe', NOW - 20),
        behind(3, 'At noon', 12 * 60, 'Coat', NOW - 30),
        behind(4, 'At six', 18 * 60, 'Soak', NOW - 90),
        behind(5, 'Tomorrow', DAY + 600, 'Soak', NOW - 90),
      ],
      NOW,
      clock,
    );
    expect(said).toEqual({
      order: 2,
      text: '“Pipe” of At ten should have begun at 09:20. Behind too, and leaving today: At noon (12:00), At six (18:00). 2 that leave later are behind too.',
    });
  });

  it('is alone where nothing else is behind, and says one of another day', () => {
    const one = behind(2, 'At ten', 10 * 60, 'Pipe', NOW - 20);
    expect(overdueWords([one], NOW, clock).text).toBe('“Pipe” of At ten should have begun at 09:20.');
    expect(overdueWords([one, behind(1, 'Far', 3 * DAY, 'Mix', 60)], NOW, clock).text).toContain(
      'One that leaves later is behind too.',
    );
  });
});
