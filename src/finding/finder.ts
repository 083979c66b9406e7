import MiniSearch from 'minisearch';

/** What something is found by: what it is called, and what else belongs to it. */
export interface FoundBy {
  name: string;
  more: string;
}

export interface Hit<T> {
  item: T;
  /** The higher, the nearer to what was typed; 0 where nothing was. */
  score: number;
}

/** Letters that are no plain letter with a mark on it. */
const WRITTEN: Readonly<Record<string, string>> = { ß: 'ss', ø: 'o', æ: 'ae', œ: 'oe', ł: 'l', đ: 'd', ı: 'i' };

/** "Crème brûlée" is found by "creme brulee": a keyboard at hand seldom has all marks. */
export const folded = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[ßøæœłđı]/g, (letter) => WRITTEN[letter]!);

/** From so many letters on a word may be mistyped in one of them, and from so many in two, as two are that change places. */
const [ONE_WRONG, TWO_WRONG] = [4, 6];
const mayBeWrong = (typed: string) => typed.length >= ONE_WRONG && (typed.length >= TWO_WRONG ? 2 : 1);

/** An end of a word that is shorter means nothing by itself. */
const LEAST_END = 3;

/** A word as it is found: by its beginning, or by the beginning of any of its ends, as "buttercream" is by "cream". */
function withEnds(word: string): string[] {
  const ends = [word];
  for (let from = 1; from <= word.length - LEAST_END; from++) ends.push(word.slice(from));
  return ends;
}

/**
 * The one way in which lists are searched: everything that has all words typed, or words in which they stand, marks on letters aside; where nothing
 * has, what has them but for a letter or two. What is called so comes before what only belongs to it; where nothing is typed, all, as they are.
 */
export function finder<T>(list: readonly T[], by: (item: T) => FoundBy): (typed: string) => Hit<T>[] {
  const index = new MiniSearch<FoundBy & { id: number }>({
    fields: ['name', 'more'],
    processTerm: (term) => withEnds(folded(term)),
    searchOptions: { processTerm: folded, boost: { name: 4 }, prefix: true, combineWith: 'AND' },
  });
  index.addAll(list.map((item, id) => ({ id, ...by(item) })));
  return (typed) => {
    if (typed.trim() === '') return list.map((item) => ({ item, score: 0 }));
    const exact = index.search(typed);
    const hits = exact.length > 0 ? exact : index.search(typed, { fuzzy: mayBeWrong });
    return hits.map(({ id, score }) => ({ item: list[id as number]!, score }));
  };
}
