import { answersOf, sameAnswers, type MakingAnswers } from './kept-work';

const answers: MakingAnswers = {
  ...{ build: 'lace-tower', tiers: [{ form: 'round', diameter: 200 }], inscription: 'Yes!', without: ['lace'] },
  ...{ swaps: { filling: 'fig', soak: 'rum' }, overrides: {}, choices: { level: 'trim' }, versions: { fig: 2 } },
};

describe('what decides how an order is made', () => {
  it('is the same in whatever order it was named, and another where anything of it is', () => {
    expect(sameAnswers(answers, { ...answers, swaps: { soak: 'rum', filling: 'fig' } })).toBe(true);
    expect(sameAnswers(answers, { ...answers, swaps: { soak: 'rum' } })).toBe(false);
    expect(sameAnswers(answers, { ...answers, without: [] })).toBe(false);
    expect(sameAnswers(answers, { ...answers, versions: { fig: 3 } })).toBe(false);
    expect(sameAnswers(answers, { ...answers, inscription: 'No!' })).toBe(false);
  });
  it('does not hold an inscription against what was kept before inscriptions were looked at', () => {
    const before = { ...answers };
    delete before.inscription;
    expect(sameAnswers(before, answers)).toBe(true);
    expect(sameAnswers(answers, before)).toBe(true);
    expect(sameAnswers(before, { ...answers, without: [] })).toBe(false);
  });
  it('is all of that and nothing else', () => {
    expect(answersOf({ ...answers, title: 'Moss' } as MakingAnswers)).toEqual(answers);
    const plain = { ...answers };
    delete plain.inscription;
    expect(answersOf(plain).inscription).toBe('');
  });
});
