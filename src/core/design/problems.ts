import { say } from '../words/say';
import { formName, span, type Form } from '../shape/form';
import type { Block } from './block';
import type { Design, Piece } from './design';
import { KINDS } from './kinds/kinds';
import type { DesignProblem } from './design-problem';
import { turnsWith } from './lies-said';
import { circleProblems } from './circles';
import { limitProblems } from './limits';
import { measureOf, usesOf } from './uses';

/** Whether there is something of a name. */
interface Names {
  has: (id: string) => boolean;
}

/** What a design is held against. */
export interface DesignKitchen {
  formulas: Names;
  ingredients: Names;
  blocks: ReadonlyMap<string, Block>;
  moulds: readonly { use: string; form: Form; owned: number }[];
}

/** What this kitchen cannot make: faults, and tins that it has not. In a wrong order it can be made, whatever comes of it. */
export function cannotBeMade(design: Design, kitchen: DesignKitchen): DesignProblem[] {
  const faults = faultsOf(design, kitchen);
  return faults.length > 0 ? faults : design.pieces.flatMap((p, i) => tinsOf(p, i, design, kitchen));
}

/** What no kitchen could make a cake of: names of what is not there, amounts that cannot be. The sizes of tins and the order of work are not looked at. */
export function faultsOf(design: Design, kitchen: Omit<DesignKitchen, 'moulds'>): DesignProblem[] {
  const beyond = limitProblems(design);
  if (beyond.length > 0) return beyond;
  const circles = circleProblems(design);
  if (circles.length > 0) return circles;
  return [
    ...partProblems(design, kitchen),
    ...design.pieces.flatMap((p, i) => pieceProblems(p, i, design)),
    ...blockProblems(design, kitchen),
    ...shareProblems(design, kitchen),
  ];
}

function partProblems({ parts }: Design, { formulas, ingredients }: Omit<DesignKitchen, 'moulds'>): DesignProblem[] {
  return parts.flatMap(({ role, made, instead = [] }, i): DesignProblem[] => {
    const path = `parts.${i}`;
    const named = 'formula' in made ? [made.formula, ...instead.map((x) => x.formula)] : [];
    return [
      ...(parts.findIndex((p) => p.role === role) < i
        ? [{ path: `${path}.role`, message: say`There are two parts “${role}”.` }]
        : []),
      ...named
        .filter((id) => !formulas.has(id))
        .map((id) => ({ path: `${path}.made`, message: say`There is no formula “${id}”.` })),
      ...('bought' in made && !ingredients.has(made.bought)
        ? [{ path: `${path}.made`, message: say`There is no ingredient “${made.bought}”.` }]
        : []),
    ];
  });
}

function pieceProblems(piece: Piece, at: number, design: Design): DesignProblem[] {
  const path = `pieces.${at}`;
  const problems: DesignProblem[] = [];
  const say1 = (message: string, where = path) => problems.push({ path: where, message });
  const { key, inside, madeOf, dummy, ringHeight, count = 1 } = piece;
  if (design.pieces.findIndex((p) => p.key === key) < at) say1(say`There are two pieces “${key}”.`, `${path}.key`);
  if (!Number.isInteger(count) || count < 1) say1(say`How many of it? A whole number, 1 or more.`, `${path}.count`);
  if (inside.length === 0 && !madeOf && dummy === undefined) say1(say`There is nothing in it yet.`, `${path}.inside`);
  inside.forEach((item, i) => {
    const where = `${path}.inside.${i}`;
    const roles = item.is === 'filling' && item.dam !== undefined ? [item.role, item.dam] : [item.role];
    for (const role of roles)
      if (!design.parts.some((p) => p.role === role)) say1(say`There is no part “${role}”.`, where);
    if ('mm' in item && !(item.mm > 0)) say1(say`A thickness, more than 0.`, where);
    if (item.is === 'soak' && !inside.slice(0, i).some((x) => x.is === 'layer'))
      say1(say`There is no layer under it to drink it.`, where);
  });
  const told = inside.reduce((sum, item) => {
    if (item.is === 'layer' || item.is === 'insert') return sum + item.mm;
    return item.is === 'filling' && typeof item.amount === 'object' && 'mm' in item.amount ? sum + item.amount.mm : sum;
  }, 0);
  const fills = inside.some((i) => i.is === 'rest');
  if (fills && ringHeight === undefined) say1(say`What fills the rest needs a ring or mould with a height.`, path);
  if (ringHeight !== undefined && told > ringHeight + 1e-6)
    say1(
      say`${Math.round(told)} mm lie in it, and the ring is ${Math.round(ringHeight)} mm high.`,
      `${path}.ringHeight`,
    );
  for (const source of madeOf?.pieces ?? [])
    if (!design.pieces.some((p) => p.key === source && p.key !== key))
      say1(say`There is no piece “${source}” to cut it from.`, `${path}.madeOf`);
  if (piece.tin && span(piece.tin) < span(piece.form))
    say1(say`It is larger than ${formName(piece.tin)}, which it is baked in.`, `${path}.tin`);
  return problems;
}

/** Whether there are tins for what is baked in them. */
function tinsOf({ inside, tin, form }: Piece, at: number, design: Design, kitchen: DesignKitchen): DesignProblem[] {
  const baked = inside.some(
    (i) => i.is === 'layer' && (design.parts.find((p) => p.role === i.role)?.layers?.from ?? 'tins') === 'tins',
  );
  return baked ? tinProblems(tin ?? form, `pieces.${at}`, kitchen) : [];
}

/** "No tin of 26 cm; 24 or 28 cm, or as a cut sheet." */
function tinProblems(form: Form, path: string, { moulds }: DesignKitchen): DesignProblem[] {
  const tins = moulds.filter((m) => m.owned > 0 && m.use !== 'ring' && m.use !== 'sheet');
  if (tins.some((m) => formName(m.form) === formName(form))) return [];
  const alike = tins.filter((m) => m.form.form === form.form).sort((a, b) => span(a.form) - span(b.form));
  const under = alike.findLast((m) => span(m.form) < span(form));
  const over = alike.find((m) => span(m.form) > span(form));
  const near = [under, over].flatMap((m) => (m ? [formName(m.form)] : []));
  const message =
    near.length > 0
      ? say`There is no tin ${formName(form)}; ${near.join(say` or `)}, or cut from a sheet.`
      : say`There is no tin ${formName(form)}; it can be cut from a sheet.`;
  return [{ path: `${path}.form`, message }];
}

function blockProblems({ blocks, parts, pieces }: Design, kitchen: Omit<DesignKitchen, 'moulds'>): DesignProblem[] {
  return blocks.flatMap((placed, i): DesignProblem[] => {
    const path = `blocks.${i}`;
    const block = kitchen.blocks.get(placed.block);
    if (!block) return [{ path: `${path}.block`, message: say`There is no block “${placed.block}”.` }];
    const fits = KINDS[block.kind].takes;
    return [
      ...(blocks.findIndex((b) => b.key === placed.key) < i
        ? [{ path: `${path}.key`, message: say`There are two blocks “${placed.key}”.` }]
        : []),
      ...(placed.pieces ?? [])
        .filter((key) => !pieces.some((p) => p.key === key))
        .map((key) => ({ path: `${path}.pieces`, message: say`There is no piece “${key}”.` })),
      ...placed.takes.flatMap(({ role, amount, lies }, k): DesignProblem[] => {
        const where = `${path}.takes.${k}`;
        if (!parts.some((p) => p.role === role)) return [{ path: where, message: say`There is no part “${role}”.` }];
        if (amount?.rule === 'pieces' && amount.every !== undefined && !(amount.every >= 5))
          return [{ path: where, message: say`Pieces lie at least 5 mm apart.` }];
        if (lies?.hour !== undefined && !(lies.hour >= 1 && lies.hour <= 12))
          return [{ path: where, message: say`A clock goes from 1 to 12.` }];
        if (lies?.inTurnWith !== undefined && !turnsWith(placed.key, blocks).includes(lies.inTurnWith))
          return [{ path: where, message: say`There is nothing on it that this could lie in turn with.` }];
        if (!amount || placed.ownStages || fits.includes(amount.rule)) return [];
        return [{ path: where, message: say`${block.name} cannot take a part in this way.` }];
      }),
    ];
  });
}

/** Shares of one batch are at most the whole of it, and there is one rest. */
function shareProblems(design: Design, { blocks }: Omit<DesignKitchen, 'moulds'>): DesignProblem[] {
  const { uses } = usesOf(design, blocks);
  return design.parts.flatMap(({ role }, i): DesignProblem[] => {
    const measures = uses.filter((u) => u.role === role).map(measureOf);
    const shares = measures.reduce<number>((sum, m) => sum + (typeof m === 'object' && 'share' in m ? m.share : 0), 0);
    const rests = measures.filter((m) => m === 'rest').length;
    if (shares > 1 + 1e-6)
      return [
        { path: `parts.${i}`, message: say`More than the whole batch is shared out: ${Math.round(shares * 100)} %.` },
      ];
    return rests > 1 ? [{ path: `parts.${i}`, message: say`Only one use of a batch can be the rest of it.` }] : [];
  });
}
