import { saidOf, type BuildSaid } from '../../core/compose/as-build';
import type { DrawnPiece } from '../../core/compose/drawn';
import { plainCake } from '../../core/compose/plain-cake';
import type { Build } from '../../core/design/build';
import type { Design } from '../../core/design/design';
import { faultsOf } from '../../core/design/problems';
import { counted } from '../../core/measure/counted';
import { formName } from '../../core/shape/form';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { readOpenOrders } from '../../data/repositories/orders';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { cutOpen } from './cut-open';
import { documentOf } from './read-design';

/** A build among the others of its kitchen. */
export interface BuildCard {
  id: string;
  name: string;
  story: string;
  /** What of it varies, in words. */
  varies: string;
  /** Open orders that began from it. */
  orders: number;
  retired: boolean;
  /** Cut open, to be drawn to scale; none where it cannot be made here any more. */
  pieces: DrawnPiece[];
}

/** A build as it is composed. */
export interface BuildView {
  /** Null for a new one. */
  id: string | null;
  version: number;
  said: BuildSaid;
  design: Design;
  /** Format and version of a design that is sent back. */
  document: { format: string; version: number };
  retired: boolean;
  orders: number;
}

/** All builds of a kitchen, those in use first, each by its name; null while there is no kitchen. */
export async function loadBuilds(db: KitchenDb): Promise<BuildCard[] | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const orders = await readOpenOrders(db);
  return [...kitchen.builds.values()]
    .map((b) => ({
      ...{ id: b.id, name: b.name, story: b.story, varies: varies(b), retired: b.retired ?? false },
      orders: orders.filter((o) => o.build === b.id).length,
      pieces: piecesOf(b, kitchen),
    }))
    .sort((a, b) => Number(a.retired) - Number(b.retired) || (a.name < b.name ? -1 : 1));
}

const piecesOf = ({ design }: Build, kitchen: LoadedKitchen): DrawnPiece[] =>
  faultsOf(design, kitchen.library).length > 0 ? [] : cutOpen(design, kitchen).pieces;

function varies(build: Build): string {
  const { sizes, chosen, mostTiers } = saidOf(build);
  if (sizes === 'one') return say`only as it is`;
  // What has sizes of its own and no mould lies beside one another: rolls, bars.
  if (sizes === 'chosen' && !build.mould) return chosen.map(formName).join(', ');
  const tiers = mostTiers > 1 ? say`up to ${counted(mostTiers, 'tier')}` : say`one tier`;
  const all = { tin: say`in all round tins`, ring: say`in all rings`, 'square tin': say`in all square tins` };
  const where = sizes === 'chosen' ? chosen.map(formName).join(', ') : all[build.mould!];
  return `${where}, ${tiers}`;
}

/** The composer of a build; that of a new one begins as another, or as a plain cake of the kitchen's own formulas. Null where there is none. */
export async function loadBuild(db: KitchenDb, id: string | null, from?: string): Promise<BuildView | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const known = kitchen.builds.get(id ?? from ?? '');
  if (id === null) {
    const design = known?.design ?? plainCake(kitchen.library);
    if (!design) return null;
    const said = known ? { ...saidOf(known), name: '' } : FRESH;
    return { id, version: 0, said, retired: false, orders: 0, design, document: documentOf(design) };
  }
  if (!known) return null;
  const orders = await readOpenOrders(db);
  return {
    ...{ id, version: kitchen.rows.builds.find((b) => b.id === id)!.version, retired: known.retired ?? false },
    said: saidOf(known),
    orders: orders.filter((o) => o.build === id).length,
    design: known.design,
    document: documentOf(known.design),
  };
}

const FRESH: BuildSaid = { name: '', story: '', sizes: 'moulds', chosen: [], mostTiers: 3, fixed: [] };
