import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadBuilds } from '@/server/builds/build-pages';
import { backupView } from '@/server/kitchen/backups';
import { loadChanges } from '@/server/kitchen/changes';
import { inSection, sectionTitle, setsFor } from '@/server/kitchen/kitchen-sections';
import { loadKitchenSettings } from '@/server/kitchen/kitchen-settings';
import { loadStarterLibrary } from '@/server/kitchen/starter-library';
import { BlocksSection } from '@/ui/kitchen/block-pages';
import { BuildsSection } from '@/ui/builds/builds-section';
import { ChangesSection } from '@/ui/kitchen/changes-section';
import { FileSection } from '@/ui/kitchen/file-section';
import { IngredientSection } from '@/ui/kitchen/ingredient-pages';
import { ItemSection } from '@/ui/kitchen/item-sections';
import { KitchenPage } from '@/ui/kitchen/kitchen-page';
import { LibrarySection } from '@/ui/kitchen/library-section';
import { OpeningSection } from '@/ui/kitchen/opening-section';
import { PeopleSection } from '@/ui/kitchen/people-section';
import { StandingSection } from '@/ui/kitchen/standing-pages';
import { SupplierSection } from '@/ui/kitchen/supplier-pages';
import { TablesSection } from '@/ui/kitchen/tables-section';
import { opened, type InKitchen } from '../../../opened';
import { sectionsOf } from '../sections';

export async function generateMetadata({ params }: InKitchen<{ section: string }>): Promise<Metadata> {
  return { title: sectionTitle((await params).section) };
}

export default async function Page({ params }: InKitchen<{ section: string }>) {
  const { section, kitchen } = await params;
  const db = await opened(params);
  const view = inSection(await sectionsOf(kitchen), section);
  switch (section) {
    case 'people':
      return <PeopleSection view={view} />;
    case 'opening':
      return <OpeningSection key={view.version} view={view} />;
    case 'ovens':
    case 'machines':
    case 'tins':
    case 'places':
      return <ItemSection view={view} group={section} sets={setsFor(section, view)} />;
    case 'ingredients':
      return <IngredientSection view={view} />;
    case 'suppliers':
      return <SupplierSection view={view} />;
    case 'work':
      return <BlocksSection view={view} />;
    case 'standing-work':
      return <StandingSection view={view} />;
    case 'builds':
      return <BuildsSection builds={(await loadBuilds(db)) ?? []} />;
    case 'library': {
      const library = await loadStarterLibrary(db);
      return library ? <LibrarySection view={view} library={library} /> : notFound();
    }
    case 'how': {
      const settings = await loadKitchenSettings(db);
      return settings ? <KitchenPage view={settings} /> : notFound();
    }
    case 'file':
      return <FileSection backup={backupView(db)} />;
    case 'tables':
      return <TablesSection />;
    case 'changes':
      return <ChangesSection lines={(await loadChanges(db)) ?? []} team={view.team} />;
    default:
      notFound();
  }
}
