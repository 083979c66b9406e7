import { textsOfTheCode } from '../../../scripts/texts.mjs';
import { LANGUAGES } from './languages';
import { say, textOf } from './say';
import texts from './texts.json' with { type: 'json' };

const spoken = globalThis as { zestLanguage?: string };
afterEach(() => {
  delete spoken.zestLanguage;
  delete LANGUAGES.xx;
});

describe('what is said', () => {
  const late = (title: string, by: string) => say`${title} misses its pickup by ${by}.`;
  it('is the text with its values', () => {
    expect(late('Harbour choir', '25 min')).toBe('Harbour choir misses its pickup by 25 min.');
    expect(say`Not yet`).toBe('Not yet');
    expect(say`${3} of ${4}`).toBe('3 of 4');
  });
  it('is said in another language where that has it, with its values where they belong there', () => {
    LANGUAGES.xx = { '{0} misses its pickup by {1}.': '{1} zu spät: {0}' };
    spoken.zestLanguage = 'xx';
    expect(late('Hafenchor', '25 min')).toBe('25 min zu spät: Hafenchor');
    expect(say`Not yet`).toBe('Not yet');
    expect(say`${3} of ${4}`).toBe('3 of 4');
    spoken.zestLanguage = 'yy';
    expect(late('Harbour choir', '25 min')).toBe('Harbour choir misses its pickup by 25 min.');
  });
  it('leaves what only looks like a place for a value', () => {
    LANGUAGES.xx = { 'At most {0} letters.': '{0} von {1} {a}' };
    spoken.zestLanguage = 'xx';
    expect(say`At most ${60} letters.`).toBe('60 von {1} {a}');
    expect(textOf(['a', 'b', ''])).toBe('a{0}b{1}');
  });
  it('stands in the catalogue, all of it and nothing else (npm run words writes it)', () => {
    expect(texts).toEqual(textsOfTheCode());
    expect(texts.length).toBeGreaterThan(800);
  });
});
