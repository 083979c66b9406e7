'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Controller, useWatch } from 'react-hook-form';
import { standingForm, standingFormOf, type StandingForm } from '@/core/input/standing-input';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { saveStandingAction } from '../actions';
import { KitchenLink } from '../kitchens/kitchen-link';
import { FormText } from '../parts/form-text';
import { Page } from '../parts/page';
import { PressSome } from '../parts/press-some';
import { EntryPage } from './entry-page';
import { RetiredList } from './retired-list';
import { useEntryForm } from '../parts/use-entry-form';
import { WEEKDAYS } from './weekdays';

const PLACE = '/kitchen/standing-work';

/** What these hands and ovens do beside the cakes on order. */
export function StandingSection({ view }: { view: KitchenSections }) {
  const here = view.standingWork.filter((w) => w.retiredAt === null);
  const named = (ids: readonly string[], all: readonly { id: string; name: string }[]) =>
    ids.map((id) => all.find((x) => x.id === id)?.name ?? id);
  return (
    <Page
      title={say`Standing work`}
      detail={say`Daily baking, receiving goods, cleaning, a meeting: what takes hands and ovens every week. The plan goes around it.`}
      actions={
        <Button variant="contained" component={KitchenLink} href={`${PLACE}/new`}>{say`Add standing work`}</Button>
      }
    >
      {here.length === 0 && <p>{say`None: the plan has all hands from the first minute of a shift to the last.`}</p>}
      <ul className="zl-cards">
        {here.map((w) => {
          const who =
            w.people.length > 0
              ? named(w.people, view.people).join(', ')
              : w.skill
                ? say`${w.count} who can ${term(w.skill)}`
                : say`${w.count} of those who are in`;
          return (
            <li key={w.id}>
              <KitchenLink href={`${PLACE}/${w.id}`} className="zl-card">
                <h2>{w.name}</h2>
                <div>
                  {w.weekdays.map((d) => WEEKDAYS[d - 1]!.short).join(' ')} · {w.start}–{w.end}
                </div>
                <div style={{ color: 'var(--zl-muted)', fontSize: 14 }}>
                  {[who, ...named(w.items, view.items)].join(' · ')}
                </div>
              </KitchenLink>
            </li>
          );
        })}
      </ul>
      <RetiredList entries={view.standingWork} place={PLACE} />
    </Page>
  );
}

const FRESH: StandingForm = {
  ...{
    name: '',
    weekdays: [2, 3, 4, 5, 6],
    start: '05:00',
    end: '06:00',
    people: [],
    count: 1,
    skill: '',
    items: [],
    except: [],
  },
};

export function StandingPage({ view, id }: { view: KitchenSections; id: string | null }) {
  const entry = view.standingWork.find((w) => w.id === id) ?? null;
  const form = useEntryForm<StandingForm>({
    ...{ schema: standingForm, start: entry ? standingFormOf(entry) : FRESH, after: PLACE },
    save: (typed, sure) => saveStandingAction({ id, version: entry?.version ?? 0, sure }, typed),
  });
  const { control } = form;
  const people = useWatch({ control, name: 'people' });
  const inUse = <E extends { retiredAt: Date | null }>(list: readonly E[]) => list.filter((e) => e.retiredAt === null);
  return (
    <EntryPage
      title={entry?.name ?? say`New standing work`}
      back={PLACE}
      form={form}
      entry={entry}
      register="standing work"
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <FormText control={control} name="name" label={say`What is done`} sx={{ width: 300 }} />
        <FormText control={control} name="start" label={say`From`} type="time" sx={{ width: 120 }} />
        <FormText control={control} name="end" label={say`To`} type="time" sx={{ width: 120 }} />
      </Box>
      <Pick
        control={control}
        name="weekdays"
        title={say`On`}
        all={WEEKDAYS.map((d) => ({ id: d.day, name: d.short }))}
      />
      <Pick control={control} name="people" title={say`By`} all={inUse(view.people)} />
      {people.length === 0 && (
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
          <FormText
            control={control}
            name="count"
            label={say`How many, where nobody is named`}
            number
            sx={{ width: 260 }}
          />
          <FormText
            control={control}
            name="skill"
            label={say`who can`}
            options={[{ value: '', name: say`anything` }, ...view.skills.map((s) => ({ value: s, name: term(s) }))]}
            sx={{ width: 180 }}
          />
        </Box>
      )}
      <Pick control={control} name="items" title={say`Takes meanwhile`} all={inUse(view.items)} />
    </EntryPage>
  );
}

/** Some of a list, each to be pressed. */
function Pick<Id extends string | number>({
  control,
  name,
  title,
  all,
}: {
  control: ReturnType<typeof useEntryForm<StandingForm>>['control'];
  name: 'weekdays' | 'people' | 'items';
  title: string;
  all: readonly { id: Id; name: string }[];
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <PressSome
          title={title}
          problem={fieldState.error?.message}
          all={all.map(({ id, name: called }) => ({ key: id, name: called }))}
          chosen={field.value as Id[]}
          onChange={field.onChange}
        />
      )}
    />
  );
}
