'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { openingForm, type OpeningForm } from '@/core/input/opening-input';
import { counted } from '@/core/measure/counted';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { saveOpeningAction } from '../actions';
import { TakeOut } from '../parts/take-out';
import { FormText } from '../parts/form-text';
import { ChooseFile } from '../parts/choose-file';
import { Page } from '../parts/page';
import { MissingNote } from './kitchen-frame';
import { useEntryForm } from '../parts/use-entry-form';
import { WEEKDAYS } from './weekdays';

/** When cakes are collected, and the days on which they are not. */
export function OpeningSection({ view }: { view: KitchenSections }) {
  const form = useEntryForm<OpeningForm>({
    ...{ schema: openingForm, start: view.opening, after: '/kitchen/opening' },
    save: (typed) => saveOpeningAction(view.version, typed),
  });
  const { control } = form;
  return (
    <Page
      title={say`Pickup hours`}
      detail={say`Orders are taken for these hours only, at most ${view.figures.daysAhead} days ahead. Without any, cakes can be collected at any time.`}
    >
      <MissingNote frame={view} section="opening" />
      <Box component="form" method="post" noValidate onSubmit={form.submit} sx={{ display: 'grid', gap: 2 }}>
        <Hours control={control} />
        <Closed control={control} today={view.today} />
        {form.problem && <Alert severity="error">{form.problem}</Alert>}
        <Box>
          <Button type="submit" variant="contained" size="large" disabled={form.busy}>{say`Save`}</Button>
        </Box>
      </Box>
    </Page>
  );
}

function Hours({ control }: { control: Control<OpeningForm> }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'hours' });
  const hours = useWatch({ control, name: 'hours' });
  const offer = (day: number) =>
    fields.length === 0
      ? say`any time · + hours`
      : fields.some((f) => f.weekday === day)
        ? say`+ more`
        : say`closed · + hours`;
  const add = (day: number) => {
    const before = hours.filter((h) => h.weekday < day).at(-1);
    append({ weekday: day, start: before?.start ?? '08:00', end: before?.end ?? '17:00' });
  };
  return (
    <Box component="section" aria-label={say`By weekday`}>
      {WEEKDAYS.map(({ day, name }) => (
        <Box
          key={day}
          sx={{
            display: 'flex',
            gap: 1,
            flexWrap: 'wrap',
            alignItems: 'flex-start',
            borderBottom: '1px solid var(--zl-line)',
            py: 0.75,
          }}
        >
          <Box sx={{ width: 110, fontWeight: 700, pt: 1 }}>{name}</Box>
          {fields.map((f, i) =>
            f.weekday !== day ? null : (
              <Box key={f.id} sx={{ display: 'flex', gap: 0.5 }}>
                <FormText
                  control={control}
                  name={`hours.${i}.start`}
                  label={say`From`}
                  type="time"
                  sx={{ width: 142 }}
                />
                <FormText control={control} name={`hours.${i}.end`} label={say`To`} type="time" sx={{ width: 142 }} />
                <TakeOut what={name} onTake={() => remove(i)} />
              </Box>
            ),
          )}
          <Button color="secondary" aria-label={`${offer(day)}, ${name}`} onClick={() => add(day)}>
            {offer(day)}
          </Button>
        </Box>
      ))}
    </Box>
  );
}

function Closed({ control, today }: { control: Control<OpeningForm>; today: string }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'closed' });
  const [read, setRead] = useState<{ wrong: boolean; text: string } | null>(null);
  const readCalendar = async (chosen: File) => {
    try {
      const { daysInCalendar } = await import('./days-in-calendar');
      const days = daysInCalendar(await chosen.text(), today);
      const fresh = days.filter((d) => !fields.some((f) => f.date === d.date));
      append(fresh);
      setRead({
        wrong: false,
        text: say`${counted(fresh.length, 'day')} of ${chosen.name}: look through them, take out what is no closed day, then save.`,
      });
    } catch {
      setRead({ wrong: true, text: say`${chosen.name} is no calendar file that can be read.` });
    }
  };
  return (
    <Box component="section" aria-label={say`Closed days`}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Closed days`}</Box>
      {fields.map((f, i) => (
        <Box key={f.id} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <FormText control={control} name={`closed.${i}.date`} label={say`Day`} type="date" sx={{ width: 170 }} />
          <FormText control={control} name={`closed.${i}.why`} label={say`Why`} sx={{ width: 240 }} />
          <TakeOut what={say`closed day ${i + 1}`} onTake={() => remove(i)} />
        </Box>
      ))}
      <Button
        variant="outlined"
        color="secondary"
        onClick={() => append({ date: today, why: '' })}
      >{say`Add a closed day`}</Button>
      <ChooseFile
        label={say`Read days from a calendar file`}
        what={say`A calendar file`}
        accept=".ics,text/calendar"
        onChosen={(chosen) => void readCalendar(chosen)}
      />
      {read && (
        <Alert
          severity={read.wrong ? 'error' : 'info'}
          icon={read.wrong ? undefined : false}
          sx={{ mt: 1, ...(!read.wrong && { bgcolor: 'var(--zl-tightBack)', color: 'inherit' }) }}
        >
          {read.text}
        </Alert>
      )}
    </Box>
  );
}
