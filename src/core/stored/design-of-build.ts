import type { Form } from '../shape/form';
import type { AmountRule } from '../design/amount-rule';
import type { BuildAmount, FormerBuild as Build, BuildComponent, BuildStage } from './build-before-designs';
import type { BlockTake, Design, DesignBlock, DesignPart, Inside, Layers, Piece } from '../design/design';
import type { Measure } from '../design/measure';

/**
 * The design of a build in these forms, each of them a piece that is made alike: what a build of earlier versions said of all tiers at once is said
 * of each piece, and its stages become blocks with the keys that they had, so that every told step is found again.
 */
export function designOfBuild(build: Build, forms: readonly Form[]): Design {
  const rules = build.components.flatMap((c) => rulesOf(c).map((r) => ({ ...r, role: c.role })));
  return {
    name: build.name,
    portion: build.portion,
    parts: build.components.map(partOf),
    pieces: forms.map((form, i): Piece => ({
      ...{ key: `t${i + 1}`, form },
      ...(ringHeightOf(build, form) !== undefined && { ringHeight: ringHeightOf(build, form)! }),
      inside: insideOf(build, rules),
    })),
    blocks: build.stages.map((s) => blockOfStage(s, build, rules)),
    waits: build.waits,
    ...(build.ringHold && { ringHold: build.ringHold }),
    ...(build.routes && { routes: build.routes }),
  };
}

/** A half-sphere is as high as it is wide, halved. */
const ringHeightOf = ({ ringHeight }: Build, form: Form): number | undefined =>
  form.form === 'half-sphere' ? form.diameter / 2 : ringHeight;

type Undivided = Exclude<BuildAmount, { rule: 'divided' }>;
interface Placed {
  role: string;
  rule: Undivided;
  use?: string;
}

const rulesOf = ({ amount }: BuildComponent): { rule: Undivided; use?: string }[] =>
  amount.rule === 'divided'
    ? amount.uses.map((u) => ({ use: u.use, rule: u.rule as Undivided }))
    : [{ rule: amount as Undivided }];

function partOf(component: BuildComponent): DesignPart {
  const { role, label, formula, instead, split, optional } = component;
  const layers = rulesOf(component).flatMap((r) => layersOf(r.rule) ?? [])[0];
  return {
    ...{ role, label, made: { formula } },
    ...(instead && { instead }),
    ...(layers && { layers }),
    ...(split && { split }),
    ...(optional && { optional }),
  };
}

function layersOf(rule: Undivided): Layers | undefined {
  switch (rule.rule) {
    case 'batter':
      return { from: 'tins', depth: rule.tinDepth, most: rule.layersPerTin };
    case 'discs': {
      const { sheet, halves, patched } = rule;
      return { from: 'sheets', sheet, ...(halves && { halves }), ...(patched && { patched }) };
    }
    case 'base':
      return { from: 'own size', sheet: rule.sheet };
    case 'roll sheet':
      return { from: 'rolled sheet', sheet: rule.sheet };
    default:
      return undefined;
  }
}

const ruleOf = <R extends Undivided['rule']>(rules: readonly Placed[], kind: R) =>
  rules.filter((r) => r.rule.rule === kind) as (Placed & { rule: Extract<Undivided, { rule: R }> })[];

/** What lay in each tier of a build: bases, layers with a soak and what lies in every gap, inserts and what fills the ring. */
function insideOf(build: Build, rules: readonly Placed[]): Inside[] {
  const usual: Measure = build.fillingThickness === undefined ? 'usual' : { mm: build.fillingThickness };
  const bases = ruleOf(rules, 'base').map(({ role, rule }): Inside => ({ is: 'layer', role, mm: rule.thickness }));
  const layers = [...ruleOf(rules, 'batter'), ...ruleOf(rules, 'discs'), ...ruleOf(rules, 'roll sheet')][0];
  const soaks = ruleOf(rules, 'soak').map(({ role, rule }): Inside => ({
    ...{ is: 'soak', role, amount: { kind: rule.kind } },
  }));
  const dam = ruleOf(rules, 'dam and coats').find((d) => d.rule.dam)?.role;
  const filling = (last: boolean) =>
    ruleOf(rules, 'filling')
      .filter(({ rule }) => !last || rule.onTop)
      .map(({ role, rule }): Inside => ({
        ...{ is: 'filling', role, amount: rule.thickness === undefined ? usual : { mm: rule.thickness } },
        ...(rule.dammed && dam !== undefined && { dam }),
      }));
  const rolled = layers?.rule.rule === 'roll sheet';
  const count = rolled ? 1 : build.layers;
  const stacked = layers
    ? Array.from({ length: count }, (_, i): Inside[] => [
        { is: 'layer', role: layers.role, mm: build.layerHeight },
        ...soaks,
        ...filling(!rolled && i === count - 1),
      ]).flat()
    : [];
  const rests = ruleOf(rules, 'rest of the ring').map(({ role }): Inside => ({ is: 'rest', role }));
  const inserts = ruleOf(rules, 'insert').map(({ role, rule }): Inside => ({
    ...{ is: 'insert', role, mm: rule.thickness, inset: rule.inset },
  }));
  return [...bases, ...stacked, ...rests, ...inserts, ...(inserts.length > 0 ? rests : [])];
}

/** Rules whose portions are told by what lies inside a piece. */
const INSIDE: readonly Undivided['rule'][] = [
  'batter',
  'discs',
  'base',
  'roll sheet',
  'filling',
  'soak',
  'insert',
  'rest of the ring',
];

function blockOfStage(stage: BuildStage, build: Build, rules: readonly Placed[]): DesignBlock {
  const { takes: roles, when, ...said } = stage;
  const { key } = said;
  const takes = roles.flatMap((role): BlockTake[] => {
    const own = rules.filter((r) => r.role === role).flatMap((r) => amountsOf(r, role, stage, build, rules));
    const inside = insideAt(role, build, rules) === key || own.length === 0;
    return [...(inside ? [{ role }] : []), ...own];
  });
  return { key, block: kindOfStage(stage, takes, build), takes, ownStages: [said], ...(when && { when }) };
}

const taking = (role: string, { stages }: Build) => stages.filter((s) => s.takes.includes(role));

/** The stage at which what lies inside goes in: of layers the last that takes them, of all else the first. */
function insideAt(role: string, build: Build, rules: readonly Placed[]): string | undefined {
  const own = rules.filter((r) => r.role === role);
  const dams = own.some((r) => r.rule.rule === 'dam and coats' && r.rule.dam);
  if (!dams && !own.some((r) => INSIDE.includes(r.rule.rule))) return undefined;
  const stages = taking(role, build);
  return own.some((r) => layersOf(r.rule)) ? stages.at(-1)?.key : stages[0]?.key;
}

/**
 * What a rule's stage takes of it. A build told which stages take a part, not how much: coats go to the stage that is called after them, or to
 * the first after the part was used inside, all else to the last.
 */
function amountsOf(
  placed: Placed,
  role: string,
  stage: BuildStage,
  build: Build,
  rules: readonly Placed[],
): BlockTake[] {
  const { rule, use } = placed;
  if (INSIDE.includes(rule.rule)) return [];
  const stages = taking(role, build);
  if (rule.rule !== 'dam and coats')
    return stages.at(-1)?.key === stage.key
      ? [{ role, amount: rule as AmountRule, ...(use !== undefined && { use }) }]
      : [];
  const inside = insideAt(role, build, rules);
  const outside = stages.filter((s) => s.key !== inside || stages.length === 1);
  const crumb = outside.find((s) => s.key.includes('crumb')) ?? outside[0];
  const after = outside[outside.indexOf(crumb!) + 1];
  const final = crumb?.key.includes('crumb') && after ? after : crumb;
  const on = rule.topOnly ? 'top' : 'all';
  const coat = (which: 'crumb' | 'final', mm: number | undefined): BlockTake[] =>
    mm === 0
      ? []
      : [{ role, amount: { rule: 'coat', coat: which, thickness: mm === undefined ? 'usual' : { mm }, on } }];
  return [
    ...(crumb?.key === stage.key ? coat('crumb', rule.crumb) : []),
    ...(final?.key === stage.key ? coat('final', rule.final) : []),
  ];
}

/** The block of the shipped library that a stage of a build comes closest to. */
function kindOfStage({ key }: BuildStage, takes: readonly BlockTake[], build: Build): string {
  const rules = takes.flatMap((t) => t.amount ?? []);
  const has = (rule: AmountRule['rule']) => rules.some((r) => r.rule === rule);
  if (/box|check/.test(key)) return 'check-and-box';
  if (has('panels')) return 'panels';
  if (has('drip')) return 'drip';
  if (has('glaze')) return 'poured-glaze';
  if (has('paste cover')) return 'paste-cover';
  if (takes.some((t) => !t.amount))
    return build.components.some((c) => c.amount.rule === 'roll sheet')
      ? 'fill-and-roll'
      : /level/.test(key)
        ? 'level-and-split'
        : build.ringHeight === undefined
          ? 'stack'
          : 'build-in-a-ring';
  if (rules.some((r) => r.rule === 'coat')) return /crumb/.test(key) ? 'crumb-coat' : 'final-coat';
  if (has('border') || has('rosettes')) return 'pipe';
  if (has('strewn')) return 'strew';
  if (/release|lift|ring/.test(key)) return 'lift-the-ring';
  return /stand|tier|dowel/.test(key) ? 'stand-tiers' : 'place';
}
