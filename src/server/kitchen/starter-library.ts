import { starterBlocks } from '../../data/kitchens/starter';
import { skillsOfWork } from '../../core/design/skills';
import { formulasOfPart } from '../../core/design/design';
import { say } from '../../core/words/say';
import type { Build } from '../../core/design/build';
import type { Formula } from '../../core/formula/formula';
import { allergensOf } from '../../core/formula/within';
import { newIngredient } from '../../core/kitchen/kept-ingredient';
import { starterBuilds } from '../../data/kitchens/starter';
import { starterIngredients } from '../../data/kitchens/starter';
import { starterFormulas } from '../../data/kitchens/starter';
import type { KitchenDb } from '../../data/kitchen-db';
import { insertBuilds } from '../../data/repositories/builds';
import { insertEntries } from '../../data/repositories/entries';
import { appendEvents } from '../../data/repositories/events';
import { insertFormulas } from '../../data/repositories/formulas';
import { skillNames } from '../../core/kitchen/person';
import { commit } from '../shared/commit';
import { refuse, type Result } from '../shared/result';
import { loadKitchen } from '../situation/load-kitchen';

/** A formula of the starter library, with what can be seen of it before it is taken. */
export interface StarterFormula {
  id: string;
  name: string;
  family: string;
  story: string;
  /** "250 g Plain flour". */
  lines: string[];
  /** Its steps by name, with their likely minutes. */
  steps: { name: string; minutes: number }[];
  allergens: string[];
  /** Skills that nobody in the kitchen has. */
  lacks: string[];
  here: boolean;
}

/** A cake of the starter library, and the formulas that it is made of. */
export interface StarterBuild {
  id: string;
  name: string;
  story: string;
  formulas: string[];
  lacks: string[];
  here: boolean;
}

export interface StarterLibrary {
  formulas: StarterFormula[];
  builds: StarterBuild[];
}

const ingredients = new Map(starterIngredients.map((i) => [i.id, i]));
const formulas = new Map(starterFormulas.map((f) => [f.id, f]));

/** All formulas that a build can be made with. */
const formulasOf = (build: Build): Formula[] => {
  const named = build.design.parts.flatMap(formulasOfPart);
  return withParts(named).flatMap((id) => formulas.get(id) ?? []);
};

/** Formulas with those that go into them, at every level. */
function withParts(ids: readonly string[]): string[] {
  const all = new Set<string>();
  const add = (id: string) => {
    if (all.has(id)) return;
    all.add(id);
    formulas.get(id)?.parts?.forEach((p) => add(p.formula));
  };
  ids.forEach(add);
  return [...all];
}
const skillsOf = (f: Formula) => f.steps.flatMap((s) => s.skill ?? []);
const buildSkills = (b: Build) => [
  ...skillsOfWork(b.design, starterBlocks),
  ...b.design.parts.flatMap((p) => formulasOfPart(p).flatMap((id) => skillsOf(formulas.get(id)!))),
];

/** The starter library, with what of it a kitchen has already. */
export async function loadStarterLibrary(db: KitchenDb): Promise<StarterLibrary | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const known = new Set(kitchen.team.flatMap(skillNames));
  const lacks = (skills: string[]) => [...new Set(skills)].filter((s) => !known.has(s));
  return {
    formulas: starterFormulas.map((f) => ({
      ...{ id: f.id, name: f.name, family: f.family, story: f.story },
      lines: [
        ...f.lines.map((l) => say`${l.grams} g ${ingredients.get(l.ingredient)!.name}`),
        ...(f.parts ?? []).map((p) => say`${p.grams} g ${formulas.get(p.formula)!.name}`),
      ],
      steps: f.steps.map((s) => ({ name: s.name, minutes: s.minutes.likely })),
      allergens: allergensOf(f, ingredients, formulas).map((a) => a.allergen),
      lacks: lacks(skillsOf(f)),
      here: kitchen.library.formulas.has(f.id),
    })),
    builds: starterBuilds.map((b) => ({
      ...{ id: b.id, name: b.name, story: b.story, formulas: formulasOf(b).map((f) => f.id) },
      lacks: lacks(buildSkills(b)),
      here: kitchen.builds.has(b.id),
    })),
  };
}

/**
 * Takes formulas and builds of the starter library into a kitchen, with all formulas that the builds are made of and all their ingredients. What is
 * there already stays as it is.
 */
export function addFromLibrary(
  db: KitchenDb,
  wanted: { formulas: string[]; builds: string[] },
): Promise<Result<{ added: number }>> {
  return commit(
    db,
    async (tx): Promise<Result<{ added: number }>> => {
      const kitchen = await loadKitchen(tx);
      if (!kitchen) return refuse(say`There is no kitchen yet.`);
      const builds = starterBuilds.filter((b) => wanted.builds.includes(b.id) && !kitchen.builds.has(b.id));
      const all = new Set([...withParts(wanted.formulas), ...builds.flatMap((b) => formulasOf(b).map((f) => f.id))]);
      const added = starterFormulas.filter((f) => all.has(f.id) && !kitchen.library.formulas.has(f.id));
      const needed = new Set(added.flatMap((f) => f.lines.map((l) => l.ingredient)));
      const fresh = starterIngredients.filter((i) => needed.has(i.id) && !kitchen.library.ingredients.has(i.id));
      if (builds.length + added.length === 0) return refuse(say`All of this is in your kitchen already.`);
      await insertEntries(
        tx,
        'ingredients',
        fresh.map((i) => newIngredient({ ...i, stock: 0 })),
      );
      const at = tx.now();
      if (added.length > 0) await insertFormulas(tx, added, { savedAt: at, note: say`from the starter library` });
      await insertBuilds(tx, builds);
      const ids = (list: readonly { id: string }[]) => list.map((x) => x.id);
      const body = { formulas: ids(added), builds: ids(builds), ingredients: ids(fresh) };
      await appendEvents(tx, [{ at, kind: 'library added', order: null, body }]);
      return { ok: true, added: added.length + builds.length };
    },
    { library: true },
  );
}
