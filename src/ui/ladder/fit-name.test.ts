import { fc } from '../../core/testing/chance';
import { openSync } from 'fontkit';
import { readdirSync } from 'node:fs';
import { BOLD_WIDTHS } from './bold-widths';
import { fitName, textWidth } from './fit-name';

const FOLDER = 'node_modules/@expo-google-fonts/atkinson-hyperlegible-next/700Bold/';

describe('names that are fitted', () => {
  it('are measured by the letters of the font that ships', () => {
    const file = readdirSync(FOLDER).find((f) => f.endsWith('.ttf'))!;
    const font = openSync(FOLDER + file) as unknown as {
      unitsPerEm: number;
      glyphForCodePoint: (c: number) => { advanceWidth: number };
    };
    const widths = BOLD_WIDTHS.map((_, i) => (1000 * font.glyphForCodePoint(32 + i).advanceWidth) / font.unitsPerEm);
    widths.forEach((w, i) => expect(Math.abs(w - BOLD_WIDTHS[i]!)).toBeLessThanOrEqual(0.5));
    expect(textWidth('Crème', 12)).toBe(textWidth('Creme', 12));
  });

  it('stand whole where there is room, broken between words only', () => {
    expect(fitName('Crumb coat', 200, 12, 2)).toEqual({ lines: ['Crumb coat'], cut: false });
    expect(fitName('Unroll, fill, re-roll', 80, 12, 2)?.lines).toEqual(['Unroll, fill,', 're-roll']);
    expect(fitName('Model blossoms', 60, 12, 2)).toEqual({ lines: ['Model', 'blossoms'], cut: false });
  });

  it('end with whole words where there is not, and are hidden where none fits', () => {
    expect(fitName('Model almond blossoms', 60, 12, 2)).toEqual({ lines: ['Model', 'almond…'], cut: true });
    expect(fitName('Model blossoms', 60, 12, 1)).toEqual({ lines: ['Model…'], cut: true });
    expect(fitName('Blossoms', 30, 12, 2)).toBeNull();
    expect(fitName('', 30, 12, 2)).toEqual({ lines: [], cut: false });
  });

  it('are never wider or higher than asked, and lose no letter unless they say so', () => {
    const words = fc.array(fc.stringMatching(/^[A-Za-z]{1,12}$/), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(words, fc.integer({ min: 20, max: 160 }), fc.integer({ min: 1, max: 3 }), (list, width, most) => {
        const fitted = fitName(list.join(' '), width, 12, most);
        if (!fitted) return expect(textWidth(list[0]!, 12) > width || list.length > 1).toBe(true);
        expect(fitted.lines.length).toBeLessThanOrEqual(most);
        for (const line of fitted.lines) expect(textWidth(line, 12)).toBeLessThanOrEqual(width);
        const shown = fitted.lines.join(' ');
        if (fitted.cut) expect(list.join(' ').slice(0, shown.length - 1)).toBe(shown.slice(0, -1));
        else expect(shown).toBe(list.join(' '));
      }),
    );
  });
});
