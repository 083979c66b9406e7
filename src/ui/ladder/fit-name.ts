import { BOLD_WIDTHS } from './bold-widths';

/** Letters that the table does not know are taken to be as wide as a broad one. Thousandths of the size. */
const OTHER = 800;
const MORE = '…';

/** How wide a bold text is, in pixels at a size. */
export function textWidth(text: string, size: number): number {
  // Letters with an accent are as wide as those without.
  const plain = text.normalize('NFD').replace(/\p{M}/gu, '');
  let width = 0;
  for (const letter of plain) width += BOLD_WIDTHS[letter.codePointAt(0)! - 32] ?? OTHER;
  return (width * size) / 1000;
}

export interface FittedName {
  lines: string[];
  /** Words were left out. */
  cut: boolean;
}

/**
 * A name in at most so many lines of a width: broken between words only. What is too long ends with whole words and an
 * ellipsis; null where not even its first word fits, so that it is hidden rather than cut through.
 */
export function fitName(name: string, width: number, size: number, most: number): FittedName | null {
  const words = name.split(/\s+/).filter(Boolean);
  const fits = (line: string) => textWidth(line, size) <= width;
  const lines: string[] = [];
  for (const [i, word] of words.entries()) {
    const last = lines.at(-1);
    const longer = last === undefined ? null : `${last} ${word}`;
    if (longer !== null && fits(longer)) lines[lines.length - 1] = longer;
    else if (lines.length < most && fits(word)) lines.push(word);
    else return i === 0 ? null : shortened(lines, fits);
  }
  return { lines, cut: false };
}

/** With an ellipsis after as many whole words as leave room for it. */
function shortened(lines: string[], fits: (line: string) => boolean): FittedName | null {
  const all = [...lines];
  while (all.length > 0) {
    const words = all.pop()!.split(' ');
    while (words.length > 0) {
      const line = words.join(' ').replace(/[,;:-]$/, '') + MORE;
      if (fits(line)) return { lines: [...all, line], cut: true };
      words.pop();
    }
  }
  return null;
}
