'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useFieldArray, type Control } from 'react-hook-form';
import { supplierForm, type SupplierForm } from '@/core/input/supplier-input';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { saveSupplierAction } from '../actions';
import { KitchenLink } from '../kitchens/kitchen-link';
import { TakeOut } from '../parts/take-out';
import { FormText } from '../parts/form-text';
import { Page } from '../parts/page';
import { EntryPage } from './entry-page';
import { RetiredList } from './retired-list';
import { useEntryForm } from '../parts/use-entry-form';
import { weekdayName, WEEKDAYS } from './weekdays';

const PLACE = '/kitchen/suppliers';

/** Where ingredients come from, and when. */
export function SupplierSection({ view }: { view: KitchenSections }) {
  const here = view.suppliers.filter((s) => s.retiredAt === null);
  const unknown = [...new Set(view.ingredients.flatMap((i) => i.supplier ?? []))].filter(
    (name) => !view.suppliers.some((s) => s.name === name),
  );
  return (
    <Page
      title={say`Suppliers`}
      detail={say`When each delivers and until when to order: what cannot be there in time is told with the order that needs it.`}
      actions={<Button variant="contained" component={KitchenLink} href={`${PLACE}/new`}>{say`Add a supplier`}</Button>}
    >
      <ul className="zl-cards">
        {here.map((s) => (
          <li key={s.id}>
            <KitchenLink href={`${PLACE}/${s.id}`} className="zl-card">
              <h2>{s.name}</h2>
              {s.deliveries.length === 0 && <div>{say`fetched at any time`}</div>}
              {s.deliveries.map((d, i) => (
                <div
                  key={i}
                >{say`${weekdayName(d.weekday)} ${d.at}, ordered by ${d.orderBy}, ${d.daysBefore} days before`}</div>
              ))}
            </KitchenLink>
          </li>
        ))}
        {unknown.map((name) => (
          <li key={name}>
            <KitchenLink href={`${PLACE}/new?name=${encodeURIComponent(name)}`} className="zl-card" data-retired="">
              <h2>{name}</h2>
              {say`Ingredients name it; when it delivers nobody has said.`}
            </KitchenLink>
          </li>
        ))}
      </ul>
      <RetiredList entries={view.suppliers} place={PLACE} />
    </Page>
  );
}

export function SupplierPage({ view, id, name }: { view: KitchenSections; id: string | null; name: string }) {
  const entry = view.suppliers.find((s) => s.id === id) ?? null;
  const start: SupplierForm = entry
    ? { name: entry.name, deliveries: entry.deliveries, note: entry.note }
    : { name, deliveries: [], note: '' };
  const form = useEntryForm<SupplierForm>({
    ...{ schema: supplierForm, start, after: PLACE },
    save: (typed, sure) => saveSupplierAction({ id, version: entry?.version ?? 0, sure }, typed),
  });
  const { control } = form;
  return (
    <EntryPage title={entry?.name ?? say`A new supplier`} back={PLACE} form={form} entry={entry} register="suppliers">
      <FormText control={control} name="name" label={say`Name`} sx={{ maxWidth: 320 }} />
      <Deliveries control={control} />
      <FormText control={control} name="note" label={say`Note`} multiline sx={{ maxWidth: 520 }} />
    </EntryPage>
  );
}

function Deliveries({ control }: { control: Control<SupplierForm> }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'deliveries' });
  return (
    <Box component="section" aria-label={say`Deliveries`}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Deliveries`}</Box>
      {fields.map((f, i) => (
        <Box key={f.id} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <FormText
            control={control}
            name={`deliveries.${i}.weekday`}
            label={say`Comes on`}
            options={WEEKDAYS.map((d) => ({ value: `${d.day}`, name: d.name }))}
            sx={{ width: 150 }}
          />
          <FormText
            control={control}
            name={`deliveries.${i}.at`}
            label={say`there at`}
            type="time"
            sx={{ width: 120 }}
          />
          <FormText
            control={control}
            name={`deliveries.${i}.orderBy`}
            label={say`ordered by`}
            type="time"
            sx={{ width: 120 }}
          />
          <FormText
            control={control}
            name={`deliveries.${i}.daysBefore`}
            label={say`days before`}
            number
            sx={{ width: 120 }}
          />
          <TakeOut what={say`delivery ${i + 1}`} onTake={() => remove(i)} />
        </Box>
      ))}
      <Button
        variant="outlined"
        color="secondary"
        onClick={() => append({ weekday: 2, at: '07:00', daysBefore: 1, orderBy: '14:00' })}
      >
        {say`Add a delivery`}
      </Button>
    </Box>
  );
}
