'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NextLink from 'next/link';
import { useState } from 'react';
import { counted } from '@/core/measure/counted';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { renameKitchenAction } from '../actions';
import { KitchenLink } from '../kitchens/kitchen-link';
import { FormText } from '../parts/form-text';
import { Page } from '../parts/page';
import { kitchenPlaceForm } from '@/core/input/new-kitchen-input';
import { useEntryForm } from '../parts/use-entry-form';
import { ZoneField } from './zone-field';

/** What the kitchen has, and what it lacks for a good plan. */
export function KitchenOverview({ view }: { view: KitchenSections }) {
  const c = view.counts;
  const has: [string, string, string][] = [
    ['people', say`People`, counted(c.people!, 'person', 'people')],
    ['opening', say`Pickup hours`, view.opening.hours.length > 0 ? say`told by weekday` : say`at any time`],
    ['ovens', say`Ovens`, counted(c.ovens!, 'oven')],
    ['machines', say`Machines`, counted(c.machines!, 'machine')],
    ['tins', say`Tins, rings, sheets`, counted(c.tins!, 'size')],
    ['places', say`Cold and dry places`, counted(c.places!, 'place')],
    ['ingredients', say`Ingredients`, counted(c.ingredients!, 'ingredient')],
    ['suppliers', say`Suppliers`, counted(c.suppliers!, 'supplier')],
    ['standing-work', say`Standing work`, c['standing-work'] === 0 ? say`none` : counted(c['standing-work']!, 'kind')],
    ['builds', say`Builds`, counted(c.builds!, 'cake to begin from', 'cakes to begin from')],
    ['work', say`Work on cakes`, counted(c.work!, 'kind')],
    ['how', say`How we do it`, say`schools, units, figures`],
    ['library', say`Starter library`, say`${counted(c.library!, 'formula')} here`],
    ['tables', say`Tables`, say`out and in, as CSV`],
    ['file', say`Kitchen file`, say`back up, bring in`],
    ['changes', say`What was changed`, say`and put back`],
  ];
  const [first, ...others] = view.missing;
  return (
    <Page
      title={view.name}
      detail={say`Everything that plans are made of. A change is tried on the plan before it is taken.`}
      actions={
        <Button variant="outlined" color="secondary" component={NextLink} prefetch={false} href="/kitchens">
          {say`Other kitchens`}
        </Button>
      }
    >
      {first && (
        <Box
          component="section"
          aria-label={say`What is missing`}
          sx={{
            mb: 2,
            p: 1.5,
            borderRadius: 2,
            bgcolor: 'var(--zl-tightBack)',
            display: 'flex',
            gap: 1.5,
            alignItems: 'center',
            flexWrap: 'wrap',
          }}
        >
          <Box sx={{ flex: '1 1 280px' }}>
            <b>{first.say}</b>
            {others.map((m) => (
              <div key={m.say} style={{ fontSize: 14 }}>
                <KitchenLink href={`/kitchen/${m.section}`}>{m.say}</KitchenLink>
              </div>
            ))}
          </Box>
          <Button
            variant="contained"
            component={KitchenLink}
            href={`/kitchen/${first.section}`}
          >{say`Put it right`}</Button>
        </Box>
      )}
      <ul className="zl-cards">
        {has.map(([key, name, about]) => (
          <li key={key}>
            <KitchenLink href={`/kitchen/${key}`} className="zl-card">
              <h2>{name}</h2>
              <div style={{ color: 'var(--zl-muted)' }}>{about}</div>
            </KitchenLink>
          </li>
        ))}
      </ul>
      <NameAndPlace view={view} />
    </Page>
  );
}

function NameAndPlace({ view }: { view: KitchenSections }) {
  const [open, setOpen] = useState(false);
  const form = useEntryForm({
    ...{ schema: kitchenPlaceForm, start: { name: view.name, zone: view.zone }, after: '/kitchen' },
    save: (typed) => renameKitchenAction(view.version, typed),
  });
  if (!open)
    return (
      <Button
        color="secondary"
        sx={{ mt: 2 }}
        onClick={() => setOpen(true)}
      >{say`Change its name or its time zone`}</Button>
    );
  return (
    <Box
      component="form"
      method="post"
      noValidate
      onSubmit={form.submit}
      sx={{ mt: 2, display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}
    >
      <FormText control={form.control} name="name" label={say`Name of the kitchen`} sx={{ width: 280 }} />
      <ZoneField control={form.control} name="zone" />
      <Button type="submit" variant="contained" disabled={form.busy}>{say`Save`}</Button>
      {form.problem && <Box sx={{ width: '100%', color: 'var(--zl-missesText)' }}>{form.problem}</Box>}
    </Box>
  );
}
