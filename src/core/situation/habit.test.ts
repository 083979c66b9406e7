import { BEGINS, beginsOf, habitOf } from './habit';

const done = (ahead: number) => Array.from({ length: 50 }, () => ({ ahead }));

describe('how a kitchen begins its work', () => {
  it('is as it has chosen, whatever its record says', () => {
    expect(BEGINS.choices.map((c) => beginsOf({ begins: c.key }))).toEqual(['record', 'early', 'wall']);
    expect(habitOf({ begins: 'wall' }, done(30))).toBe('wall');
    expect(habitOf({ begins: 'early' }, done(0))).toBe('early');
  });
  it('else is learned from the record, and as soon as it can until there is one', () => {
    expect(beginsOf({})).toBe('record');
    expect(habitOf({}, done(0))).toBe('wall');
    expect(habitOf({ begins: 'record' }, done(30))).toBe('early');
    expect(habitOf({ begins: 'tomorrow' }, [])).toBe('early');
  });
});
