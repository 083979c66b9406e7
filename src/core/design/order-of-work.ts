import { say } from '../words/say';
import { HAND_OVER } from '../ids/ids';
import type { Block, BlockWait } from './block';
import { blockOf, stageKey } from './block-of';
import type { Design, DesignBlock } from './design';
import { KINDS } from './kinds/kinds';
import { piecesOf } from './uses';
import type { StageWait } from './work';

type Library = ReadonlyMap<string, Block>;

/** What nobody has said anything about stands at most so long. Minutes. */
const UNSAID = 4 * 60;

/** One block right before another, on the pieces that both work on. Places in the design's list. */
interface Edge {
  from: number;
  to: number;
  pieces: number[];
}

/**
 * The waits of a design: between the stages of each block as it says, and between blocks as they follow each other on a piece. Where the kitchen
 * has told all waits itself, those are taken. Work on different pieces has no order.
 */
export function waitsOf(design: Design, library: Library): StageWait[] {
  if (design.waits) {
    const all = design.pieces.map((_, i) => i);
    return design.waits.map((w) => ({ ...w, pieces: all }));
  }
  const own = design.blocks.flatMap((b) => ownWaits(b, blockOf(b, library), piecesOf(b, design, library)));
  return [...own, ...between(design, library)];
}

function ownWaits(placed: DesignBlock, block: Block, pieces: number[]): StageWait[] {
  return (block.between ?? []).flatMap(({ choice, ...wait }, i): StageWait[] => {
    const at = choice === undefined ? i : (block.between ?? []).slice(0, i).filter((w) => w.choice === choice).length;
    const [from, to] = [block.stages[at], block.stages[at + 1]];
    if (!from || !to) return [];
    return [
      {
        ...wait,
        ...{ from: stageKey(placed, block, from.key), to: stageKey(placed, block, to.key) },
        ...{ units: wait.units ?? 1, pieces },
        ...(choice !== undefined && { when: { route: placed.key, choice } }),
      },
    ];
  });
}

function between(design: Design, library: Library): StageWait[] {
  const blocks = design.blocks.map((placed) => ({ placed, block: blockOf(placed, library) }));
  const working = (i: number) => blocks[i]!.block.stages.length > 0;
  const edges = edgesOf(design, library, working);
  /** What a block that had to come at once has put off until after it. */
  const putOff = new Map<number, BlockWait>();
  const on = design.blocks.map((b) => piecesOf(b, design, library));
  const before = (i: number, pieces: readonly number[]) =>
    blocks.filter((_, k) => k <= i && on[k]!.some((p) => pieces.includes(p)));
  const made = (from: number, to: number | null, pieces: number[]): StageWait[] => {
    const a = blocks[from]!;
    const b = to === null ? null : blocks[to]!;
    const after = both(a.block.after, putOff.get(from));
    const wanted = b?.block.before;
    const atOnce = after && wanted?.max != null && wanted.max <= after.min;
    if (atOnce) putOff.set(to!, both(putOff.get(to!), after)!);
    const all = before(from, pieces);
    const said = keptDry(atOnce ? wanted : both(after, wanted), all);
    const wait = stageWait(last(a), b ? first(b) : HAND_OVER, said, pieces);
    const served = (x: Placed | null) => x !== null && isServed(x.block);
    return served(b) && !all.some(served) ? thawed(wait, all) : [wait];
  };
  const leaves = blocks.map((_, i) => i).filter((i) => working(i) && !edges.some((e) => e.from === i));
  return [
    ...edges.flatMap(({ from, to, pieces }) => made(from, to, pieces)),
    ...leaves.flatMap((i) => made(i, null, on[i]!)),
  ];
}

/** What is thawed may stand so much longer in the cold. Minutes. */
const THAWED = 8 * 60;

/** What is cut or boxed next has to be thawed. */
const isServed = ({ kind }: Block) => kind === 'box' || kind === 'portion';

interface Placed {
  placed: DesignBlock;
  block: Block;
}

/** After what does not bear the cold, everything stands dry, and not for long. */
function keptDry(wait: BlockWait | undefined, before: readonly Placed[]): BlockWait | undefined {
  const dry = Math.min(...before.map((b) => b.block.dry ?? Infinity));
  if (dry === Infinity) return wait;
  const said = wait ?? { min: 0, max: dry, place: null, why: say`dry, not in the cold` };
  if (said.place !== 'fridge' && said.place !== 'freezer') return said;
  return { ...said, min: 0, max: Math.min(dry, said.max ?? dry), place: null, why: say`dry, not in the cold` };
}

/** What was frozen stands in the fridge until it is soft to the heart; where freezing is one of two ways, on that way only. */
function thawed(wait: StageWait, before: readonly Placed[]): StageWait[] {
  const frozen = before.findLast((b) => b.block.thaw);
  if (!frozen) return [wait];
  const { placed, block } = frozen;
  const { min, why, choice } = block.thaw!;
  const longer = {
    ...wait,
    min: Math.max(wait.min, min),
    max: wait.max === null ? null : Math.max(wait.max, min + THAWED),
    why,
  };
  if (choice === undefined || !block.route) return [longer];
  const when = (of: string) => ({ route: placed.key, choice: of });
  return block.route.choices.map(({ key }) => ({ ...(key === choice ? longer : wait), when: when(key) }));
}

const first = ({ placed }: Placed) => placed.key;
const last = ({ placed, block }: Placed) => stageKey(placed, block, block.stages.at(-1)!.key);

function stageWait(from: string, to: string, wait: BlockWait | undefined, pieces: number[]): StageWait {
  const said = wait ?? { min: 0, max: UNSAID, place: null, why: say`stands until it is worked on` };
  return { ...said, from, to, units: said.units ?? 1, pieces };
}

/**
 * Two waits that one pause has to serve. In one place the longer least and the shorter most hold; in two places they follow each other, and the
 * longer one says where most of it is.
 */
function both(a: BlockWait | undefined, b: BlockWait | undefined): BlockWait | undefined {
  if (!a || !b) return a ?? b;
  const max = a.max === null ? b.max : b.max === null ? a.max : Math.min(a.max, b.max);
  if (a.place === b.place || a.min === 0 || b.min === 0) {
    const main = b.min > a.min ? b : a;
    const min = Math.max(a.min, b.min);
    return { ...main, place: main.place ?? a.place ?? b.place, min, max: max === null ? null : Math.max(min, max) };
  }
  const main = b.min > a.min ? b : a;
  const min = a.min + b.min;
  return { ...main, min, max: max === null ? null : Math.max(min, max), why: `${a.why}; ${b.why}` };
}

/** Which block comes right before which on each piece, in the order of the design; what is cut from other pieces begins where those end. */
function edgesOf(design: Design, library: Library, working: (block: number) => boolean): Edge[] {
  const on = design.blocks.map((b) => piecesOf(b, design, library));
  const edges: Edge[] = [];
  const put = (from: number, to: number, piece: number) => {
    const known = edges.find((e) => e.from === from && e.to === to);
    if (!known) edges.push({ from, to, pieces: [piece] });
    else if (!known.pieces.includes(piece)) known.pieces.push(piece);
  };
  const lineOf = (piece: number) => on.flatMap((pieces, i) => (pieces.includes(piece) && working(i) ? [i] : []));
  design.pieces.forEach((made, piece) => {
    const line = lineOf(piece);
    for (let k = 1; k < line.length; k++) put(line[k - 1]!, line[k]!, piece);
    for (const source of made.madeOf?.pieces ?? []) {
      const from = design.pieces.findIndex((p) => p.key === source);
      const ends = lineOf(from).at(-1);
      if (ends !== undefined && line[0] !== undefined && ends < line[0]) put(ends, line[0], from);
    }
  });
  return edges.sort((a, b) => a.to - b.to || a.from - b.from);
}

/** What a wrong order would do. */
export interface WrongOrder {
  /** Key of the block that comes too early, and of the one that it had to follow. */
  block: string;
  after: string;
  would: string;
}

/** Blocks that come before what they must follow on the same piece, each with what that would do. */
export function wrongOrders(design: Design, library: Library): WrongOrder[] {
  const on = design.blocks.map((b) => piecesOf(b, design, library));
  return design.blocks.flatMap((early, i) => {
    const kind = library.get(early.block)?.kind;
    if (!kind) return [];
    return design.blocks.slice(i + 1).flatMap((late, k): WrongOrder[] => {
      const other = library.get(late.block)?.kind;
      const would = other && other !== kind ? KINDS[kind].follows[other] : undefined;
      const together = on[i]!.some((p) => on[i + 1 + k]!.includes(p));
      return would !== undefined && together ? [{ block: early.key, after: late.key, would }] : [];
    });
  });
}
