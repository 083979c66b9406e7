import { NO_WORK, withLogged, type LoggedEvent } from './work-log';

const start = (step: string, minute: number): LoggedEvent => ({ id: 0, kind: 'start', step, minute });
const finish = (step: string, minute: number, name = 'Stack'): LoggedEvent => ({
  ...{ id: 0, kind: 'finish', step, minute, name, likely: 20 },
});
const back = (event: number, minute = 0): LoggedEvent => ({ id: 0, kind: 'take back', event, minute });
/** Events have their numbers by their order, from 1. */
const logOf = (...events: LoggedEvent[]) => events.map((e, i) => ({ ...e, id: i + 1 })).reduce(withLogged, NO_WORK);
const took = (...events: LoggedEvent[]) => logOf(...events).done.map((d) => [d.name, d.likely, d.took]);

describe('the log of work', () => {
  it('has how long each step took, in the order in which they were finished', () => {
    expect(took(start('a', 10), start('b', 12), finish('b', 30, 'Coat'), finish('a', 35))).toEqual([
      ['Coat', 20, 18],
      ['Stack', 20, 25],
    ]);
  });

  it('counts no minutes below none, and nothing that does not say what it was', () => {
    expect(took(start('a', 10), finish('a', 5))).toEqual([['Stack', 20, 0]]);
    const unsaid: LoggedEvent = { id: 9, kind: 'finish', step: 'a', minute: 30 };
    expect(logOf(start('a', 10), unsaid)).toEqual(NO_WORK);
    expect(logOf(start('a', 10), { ...unsaid, name: 'Stack' }).done).toEqual([]);
    expect(logOf(start('a', 10), { ...unsaid, likely: 20 }).done).toEqual([]);
    expect(took(finish('a', 30))).toEqual([]);
  });

  it('knows an end that was taken back no more, and goes on from the beginning', () => {
    expect(took(start('a', 10), finish('a', 30), back(2))).toEqual([]);
    expect(took(start('a', 10), finish('a', 30), back(2), finish('a', 40))).toEqual([['Stack', 20, 30]]);
    // The other one stays.
    expect(took(start('a', 10), start('b', 10), finish('a', 30), finish('b', 31), back(3))).toEqual([
      ['Stack', 20, 21],
    ]);
  });

  it('knows a beginning that was taken back no more', () => {
    expect(logOf(start('a', 10), back(1))).toEqual(NO_WORK);
    expect(took(start('a', 10), back(1), start('a', 20), finish('a', 25))).toEqual([['Stack', 20, 5]]);
    expect(took(start('a', 10), start('b', 10), back(2), finish('a', 25))).toEqual([['Stack', 20, 15]]);
    // A step that is finished and taken back, and then taken back once more, has never been begun.
    expect(logOf(start('a', 10), finish('a', 30), back(2), back(1))).toEqual(NO_WORK);
  });

  it('knows no step whose beginning was taken back after its end', () => {
    expect(logOf(start('a', 10), finish('a', 30), back(1))).toEqual(NO_WORK);
    expect(took(start('a', 10), finish('a', 30), start('b', 10), finish('b', 31), back(1))).toEqual([
      ['Stack', 20, 21],
    ]);
  });

  it('has the times at which it was, where they were put right', () => {
    const right = (event: number, to: number): LoggedEvent => ({ id: 0, kind: 'correct', minute: 99, event, to });
    expect(took(start('a', 10), finish('a', 30), right(2, 26))).toEqual([['Stack', 20, 16]]);
    expect(took(start('a', 10), finish('a', 30), right(1, 14))).toEqual([['Stack', 20, 16]]);
    expect(took(start('a', 10), right(1, 14), finish('a', 30))).toEqual([['Stack', 20, 16]]);
    expect(took(start('a', 10), finish('a', 30), right(1, 40))).toEqual([['Stack', 20, 0]]);
    expect(took(start('a', 10), finish('a', 30), right(9, 40))).toEqual([['Stack', 20, 20]]);
    // Taken back to where it was begun, it goes on from the time that was put right.
    expect(took(start('a', 10), finish('a', 30), right(1, 14), back(2), finish('a', 34))).toEqual([['Stack', 20, 20]]);
  });

  it('has how long before its plan each step was begun, where that was told', () => {
    const early = (step: string, minute: number, ahead: number): LoggedEvent =>
      ({ ...start(step, minute), ahead }) as LoggedEvent;
    const right = (event: number, to: number): LoggedEvent => ({ id: 0, kind: 'correct', minute: 99, event, to });
    const ahead = (...events: LoggedEvent[]) => logOf(...events).done.map((d) => d.ahead);
    expect(ahead(early('a', 10, 7), start('b', 11), finish('a', 30), finish('b', 31))).toEqual([7, undefined]);
    // Put right to four minutes later, before and after its end, it was begun three before its time.
    expect(ahead(early('a', 10, 7), right(1, 14), finish('a', 30))).toEqual([3]);
    expect(ahead(early('a', 10, 7), finish('a', 30), right(1, 14))).toEqual([3]);
    expect(ahead(early('a', 10, 7), finish('a', 30), back(2), finish('a', 34))).toEqual([7]);
  });

  it('is not changed by what is neither beginning nor end', () => {
    const before = logOf(start('a', 10));
    expect(withLogged(before, { id: 8, kind: 'extend', step: 'a', minute: 12 })).toEqual(before);
    expect(withLogged(before, { id: 8, kind: 'not yet', step: 'a', minute: 12 })).toEqual(before);
    expect(withLogged(before, { id: 8, kind: 'use anyway', step: 'a', minute: 12 })).toEqual(before);
    expect(withLogged(before, back(77))).toEqual(before);
  });

  it('keeps the last sixty of a name, and all of the others', () => {
    const many = Array.from({ length: 70 }, (_, i) => [start(`s${i}`, i), finish(`s${i}`, i + 5)]).flat();
    const log = logOf(start('x', 0), finish('x', 9, 'Coat'), ...many);
    expect(log.done.filter((d) => d.name === 'Stack').map((d) => d.step)).toEqual(
      Array.from({ length: 60 }, (_, i) => `s${i + 10}`),
    );
    expect(log.done.filter((d) => d.name === 'Coat')).toHaveLength(1);
  });
});
