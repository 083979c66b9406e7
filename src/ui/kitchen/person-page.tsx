'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Controller, useWatch } from 'react-hook-form';
import { personForm, personFormOf, type PersonForm } from '@/core/input/person-input';
import { initialsFor, PERSON_COLOURS } from '@/core/kitchen/person';
import { counted } from '@/core/measure/counted';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { savePersonAction } from '../actions';
import { ChoiceCard } from '../parts/choice-card';
import { ChoiceGroup } from '../parts/choice-group';
import { FormText } from '../parts/form-text';
import { AwayFields } from './away-fields';
import { DayPlan } from './day-plan';
import { EntryPage } from './entry-page';
import { SkillFields } from './skill-fields';
import { useEntryForm } from '../parts/use-entry-form';
import { WeekFields } from './week-fields';

const BACK = '/kitchen/people';

function startOf(view: KitchenSections, id: string | null): PersonForm {
  const known = view.people.find((p) => p.id === id);
  if (known) return personFormOf(known);
  const colour = PERSON_COLOURS[view.people.length % PERSON_COLOURS.length]!;
  return { ...{ name: '', initials: '', colour, skills: [], weekly: [], days: [], away: [], overtime: 0, left: '' } };
}

/** Somebody of the team: name, skills, the usual week, and the days that are unlike it. */
export function PersonPage({ view, id }: { view: KitchenSections; id: string | null }) {
  const entry = view.people.find((p) => p.id === id) ?? null;
  const form = useEntryForm<PersonForm>({
    ...{ schema: personForm, start: startOf(view, id), after: BACK },
    save: (typed, sure) => savePersonAction({ id, version: entry?.version ?? 0, sure }, typed),
  });
  const { control, formState, getValues, setValue } = form;
  const others = view.people.filter((p) => p.id !== id && p.retiredAt === null);
  const named = () => {
    if (getValues('initials') === '' && getValues('name').trim() !== '')
      setValue(
        'initials',
        initialsFor(
          getValues('name'),
          others.map((p) => p.initials),
        ),
      );
  };
  return (
    <EntryPage
      title={entry ? entry.name : say`Somebody new`}
      back={BACK}
      form={form}
      entry={entry}
      register="people"
      touches={entry && entry.touches > 0 ? say`Works on ${counted(entry.touches, 'open order')} of the plan.` : null}
    >
      <Box
        sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr 110px', sm: '260px 110px 1fr' }, gap: 1.5 }}
        onBlur={named}
      >
        <FormText control={control} name="name" label={say`Name`} />
        <FormText control={control} name="initials" label={say`Initials`} />
        <Controller
          control={control}
          name="colour"
          render={({ field }) => <Colours value={field.value} onChange={field.onChange} />}
        />
      </Box>
      <Part title={say`Can do`}>
        <SkillFields control={control} known={view.skills} />
      </Part>
      <Part title={say`The usual week`}>
        <WeekFields control={control} errors={formState.errors.weekly} />
      </Part>
      <Part title={say`Weeks ahead`}>
        <WeeksAhead
          control={control}
          today={view.today}
          errors={formState.errors.days}
          setValue={(days) => setValue('days', days, { shouldDirty: true })}
        />
      </Part>
      <Part title={say`Away`}>
        <AwayFields control={control} today={view.today} />
      </Part>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <FormText
          control={control}
          name="overtime"
          label={say`May be asked to stay, min a day`}
          hint={say`0: nobody asks.`}
          number
          sx={{ width: 250 }}
        />
        <FormText
          control={control}
          name="left"
          label={say`Last day in the house`}
          type="date"
          hint={say`Empty while they are here.`}
          sx={{ width: 230 }}
        />
        {entry && (
          <Button color="secondary" sx={{ alignSelf: 'flex-start' }} onClick={() => setValue('left', view.today)}>
            {say`Leaves today`}
          </Button>
        )}
      </Box>
    </EntryPage>
  );
}

function WeeksAhead({
  control,
  ...rest
}: Pick<Parameters<typeof WeekFields>[0], 'control'> & Omit<Parameters<typeof DayPlan>[0], 'person'>) {
  const [weekly, days, away, left] = useWatch({ control, name: ['weekly', 'days', 'away', 'left'] });
  return <DayPlan person={{ weekly, days, away, left }} {...rest} />;
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}

function Colours({ value, onChange }: { value: string; onChange: (colour: string) => void }) {
  return (
    <ChoiceGroup
      label={say`Colour`}
      sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', gridColumn: { xs: '1 / -1', sm: 'auto' } }}
    >
      {PERSON_COLOURS.map((c) => (
        <ChoiceCard key={c} label={c} chosen={c === value} onChoose={() => onChange(c)}>
          <span className={`zl-of-${c}`}>
            <span style={{ display: 'block', width: 22, height: 22, borderRadius: 4, background: 'var(--person)' }} />
          </span>
        </ChoiceCard>
      ))}
    </ChoiceGroup>
  );
}
