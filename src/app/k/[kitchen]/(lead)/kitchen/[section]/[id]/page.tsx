import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { inSection, sectionTitle, type KitchenSections } from '@/server/kitchen/kitchen-sections';
import { firstOf } from '@/server/shared/first-of';
import { BlockPage } from '@/ui/kitchen/block-pages';
import { IngredientPage } from '@/ui/kitchen/ingredient-pages';
import { MachinePage, OvenPage, PlacePage, TinPage } from '@/ui/kitchen/item-pages';
import { PersonPage } from '@/ui/kitchen/person-page';
import { StandingPage } from '@/ui/kitchen/standing-pages';
import { SupplierPage } from '@/ui/kitchen/supplier-pages';
import { opened, type InKitchen } from '../../../../opened';
import { loadTable, TABLE_NAMES } from '@/server/tables/tables';
import { TablePage } from '@/ui/kitchen/table-page';
import { sectionsOf } from '../../sections';

type Props = InKitchen<{ section: string; id: string }> & {
  searchParams: Promise<{ name?: string | string[]; like?: string | string[] }>;
};

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: sectionTitle((await params).section) };
}

const ITEM_PAGES = { ovens: OvenPage, machines: MachinePage, tins: TinPage, places: PlacePage };

/** The register that a section shows. */
function listOf(section: string, view: KitchenSections): readonly { id: string; version: number }[] | null {
  if (Object.hasOwn(ITEM_PAGES, section)) return view.items;
  const lists: Record<string, readonly { id: string; version: number }[]> = {
    ...{ people: view.people, ingredients: view.ingredients, suppliers: view.suppliers },
    'standing-work': view.standingWork,
  };
  return Object.hasOwn(lists, section) ? lists[section]! : null;
}

/** One entry of the kitchen; “new” is one that is not there yet. */
export default async function Page({ params, searchParams }: Props) {
  const { section, id, kitchen } = await params;
  if (section === 'tables') {
    const table = TABLE_NAMES.find((t) => t === id && t !== 'formulas');
    const shown = table && (await loadTable(await opened(params), table));
    return shown ? <TablePage view={shown} /> : notFound();
  }
  const view = inSection(await sectionsOf(kitchen), section);
  if (section === 'work') {
    const like = firstOf((await searchParams).like) ?? null;
    const which = id === 'new' ? like : id;
    if (!view.blocks.some((b) => b.block.id === which)) notFound();
    return <BlockPage key={`${id} ${like}`} view={view} id={id === 'new' ? null : id} like={like} />;
  }
  const list = listOf(section, view);
  if (!list) notFound();
  const entry = list.find((e) => e.id === id);
  if (!entry && id !== 'new') notFound();
  const which = { view, id: entry ? id : null };
  // What somebody else saves meanwhile does not take the place of what is typed.
  if (Object.hasOwn(ITEM_PAGES, section)) {
    const Item = ITEM_PAGES[section as keyof typeof ITEM_PAGES];
    return <Item key={id} {...which} />;
  }
  if (section === 'people') return <PersonPage key={id} {...which} />;
  if (section === 'ingredients') return <IngredientPage key={id} {...which} />;
  if (section === 'suppliers') {
    const { name } = await searchParams;
    return <SupplierPage key={id} {...which} name={typeof name === 'string' ? name.slice(0, 60) : ''} />;
  }
  return <StandingPage key={id} {...which} />;
}
