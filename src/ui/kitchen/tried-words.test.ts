import { triedWords } from './tried-words';

const tried = [
  { choice: 'lean', late: 1, lateOfHundred: 9.4, age: 5000, inLastHours: 0.452 },
  { choice: 'usual', late: 0, lateOfHundred: 6.4, age: 5690, inLastHours: 0.3 },
  { choice: 'safe', late: 0, lateOfHundred: 8.4, age: 4900, inLastHours: 0 },
];
const words = (choice: string, chosen = 'lean') => triedWords({ hours: 6, tried }, choice, chosen);

describe('what another answer would do', () => {
  it('is told against the one of today, which is told as it is', () => {
    expect(words('lean')).toBe(
      'as it is: 9 late cakes in 100 · 45 % of the hands in the last 6 h · 1 late in the plan',
    );
    expect(words('usual')).toBe('14 % older parts · 3 late cakes fewer in 100 · 30 % of the hands in the last 6 h');
    expect(words('safe')).toBe('2 % younger parts · 1 late cake fewer in 100 · 0 % of the hands in the last 6 h');
    expect(words('lean', 'usual')).toContain('12 % younger parts · 3 late cakes more in 100');
    expect(triedWords({ hours: 6, tried: tried.map((t) => ({ ...t, lateOfHundred: 2 })) }, 'usual', 'lean')).toContain(
      'as many late cakes',
    );
    const same = tried.map((t) => ({ ...t, age: 0 }));
    expect(triedWords({ hours: 6, tried: same }, 'safe', 'lean')).toContain('parts as old as now');
  });
  it('is nothing where it was not tried', () => expect(words('gone')).toBe(''));
});
