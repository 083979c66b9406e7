'use client';

import { say, term } from '@/core/words/say';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { groupOf, type ItemGroup } from '@/core/kitchen/item';
import { counted } from '@/core/measure/counted';
import type { KitchenSections, ShownItem } from '@/server/kitchen/kitchen-sections';
import { KitchenLink } from '../kitchens/kitchen-link';
import { Page } from '../parts/page';
import { MissingNote } from './kitchen-frame';
import { RetiredList } from './retired-list';
import { StarterSets } from './starter-sets';
import { mouldTypingOf } from '@/core/kitchen/read-mould';
import { PasteTins } from './paste-tins';
import { TinRow } from './tin-row';

interface GroupWords {
  title: string;
  detail: string;
  add: string;
  empty: string;
}

const WORDS: Record<ItemGroup, GroupWords> = {
  ovens: {
    title: say`Ovens`,
    detail: say`Each deck or chamber that has a heat of its own is one oven. Slots are what it takes at once.`,
    add: say`Add an oven`,
    empty: say`No oven yet.`,
  },
  machines: {
    title: say`Machines`,
    detail: say`What steps use: mixers, hobs, turntables, and whatever your formulas ask for by name.`,
    add: say`Add a machine`,
    empty: say`No machine yet.`,
  },
  tins: {
    title: say`Tins, rings, sheets`,
    detail: say`Drawn to scale. What you own decides which sizes a cake can have, and how many bake at once.`,
    add: say`Add a tin`,
    empty: say`No tin yet. Type or paste your list below, or begin with a set.`,
  },
  places: {
    title: say`Cold and dry places`,
    detail: say`Where parts and cakes wait. A shelf is what one cake or one batch takes.`,
    add: say`Add a place`,
    empty: say`No fridge yet.`,
  },
};

/** Ovens, machines, tins or places: among things, each with what it touches. */
export function ItemSection({
  view,
  group,
  sets,
}: {
  view: KitchenSections;
  group: ItemGroup;
  sets: readonly { key: string; name: string }[];
}) {
  const words = WORDS[group];
  const own = view.items.filter((i) => groupOf(i) === group);
  const here = own.filter((i) => i.retiredAt === null);
  const place = `/kitchen/${group}`;
  return (
    <Page
      title={words.title}
      detail={words.detail}
      actions={
        <>
          {group === 'tins' && (
            <Button color="secondary" component={KitchenLink} href="/kitchen/tables/tins">
              {say`As a table`}
            </Button>
          )}
          <Button variant="contained" component={KitchenLink} href={`${place}/new`}>
            {words.add}
          </Button>
        </>
      }
    >
      <MissingNote frame={view} section={group} />
      <StarterSets sets={sets} />
      {here.length === 0 && <p>{words.empty}</p>}
      {group === 'tins' ? (
        <>
          <TinRow tins={here} />
          <PasteTins typing={mouldTypingOf(view.reading)} />
        </>
      ) : (
        <ul className="zl-cards">
          {here.map((i) => (
            <li key={i.id}>
              <KitchenLink href={`${place}/${i.id}`} className="zl-card">
                <h2>{i.name}</h2>
                <ItemDetail item={i} />
                {i.touches > 0 && (
                  <div style={{ color: 'var(--zl-muted)', fontSize: 14 }}>
                    {say`in the plan of ${counted(i.touches, 'order')}`}
                  </div>
                )}
              </KitchenLink>
            </li>
          ))}
        </ul>
      )}
      <RetiredList entries={own} place={place} />
    </Page>
  );
}

const plus = (n: number, unit: string) => `${n > 0 ? '+' : '−'}${Math.abs(n)} ${unit}`;

function ItemDetail({ item }: { item: ShownItem }) {
  const { oven, mixer, store, kind, units } = item;
  if (oven) {
    const own = [
      ...(oven.fan ? [say`fan`] : []),
      ...(oven.celsius === 0 ? [] : [plus(oven.celsius, '°C')]),
      ...(oven.minutes === 0 ? [] : [plus(oven.minutes, 'min')]),
    ];
    return (
      <>
        <Line>{[say`${counted(units, 'slot')}`, ...own].join(' · ')}</Line>
        <div className="zl-deck" aria-hidden>
          {Array.from({ length: Math.min(units, 24) }, (_, i) => (
            <i key={i} />
          ))}
        </div>
      </>
    );
  }
  if (store) {
    const about = [
      counted(units, 'shelf', 'shelves'),
      ...(store.celsius === null ? [] : [say`${store.celsius} °C`]),
      ...(store.free.length > 0 ? [say`without ${store.free.map((a) => term(a)).join(', ')}`] : []),
    ];
    return <Line>{[term(kind), ...about].join(' · ')}</Line>;
  }
  return (
    <Line>
      {[
        term(kind),
        ...(units > 1 ? [say`${units} at once`] : []),
        ...(mixer?.litres ? [say`${mixer.litres} l`] : []),
        ...(mixer?.batches ?? []).map((b) => say`${term(b.batter)} ${b.least}–${b.most} g`),
      ].join(' · ')}
    </Line>
  );
}

const Line = ({ children }: { children: ReactNode }) => <div style={{ marginTop: 2 }}>{children}</div>;
