'use client';

import { say, term } from '@/core/words/say';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import type { ObjectSchema } from 'yup';
import { Controller, useFieldArray, useWatch, type Control } from 'react-hook-form';
import { BATTERS, type Allergen } from '@/core/formula/formula';
import { itemFormOf, ITEM_FORMS, MACHINE_KINDS, type ItemForms } from '@/core/input/item-input';
import type { ItemGroup } from '@/core/kitchen/item';
import { STORE_PLACES } from '@/core/kinds/places';
import { counted } from '@/core/measure/counted';
import type { Result } from '@/server/shared/result';
import type { KitchenSections } from '@/server/kitchen/kitchen-sections';
import { saveMachineAction, saveOvenAction, savePlaceAction, saveTinAction, type WhichEntry } from '../actions';
import { AllergenBoxes } from '../parts/allergen-boxes';
import { FormCheck } from '../parts/form-check';
import { TakeOut } from '../parts/take-out';
import { FormText } from '../parts/form-text';
import { ClosedFields } from './closed-fields';
import { mouldTypingOf } from '@/core/kitchen/read-mould';
import { EntryPage } from './entry-page';
import { TinsUnderstood } from './tins-understood';
import { useEntryForm } from '../parts/use-entry-form';

interface ItemPageProps {
  view: KitchenSections;
  id: string | null;
}

type Save<G extends ItemGroup> = (which: WhichEntry, form: ItemForms[G]) => Promise<Result<object>>;

/** The form of one thing of a group: as it is, or a fresh one. */
function useItemForm<G extends ItemGroup>(group: G, { view, id }: ItemPageProps, fresh: ItemForms[G], save: Save<G>) {
  const entry = view.items.find((i) => i.id === id) ?? null;
  const form = useEntryForm<ItemForms[G]>({
    schema: ITEM_FORMS[group] as unknown as ObjectSchema<ItemForms[G]>,
    start: entry ? itemFormOf(group, entry) : fresh,
    after: `/kitchen/${group}`,
    save: (typed, sure) => save({ id, version: entry?.version ?? 0, sure }, typed),
  });
  return { entry, form, group, today: view.today };
}

/** Around the fields of a thing: what it is called, what it touches, and when it cannot be used. */
function ItemPage<G extends ItemGroup>({
  of: { entry, form, group, today },
  fresh,
  children,
}: {
  of: ReturnType<typeof useItemForm<G>>;
  fresh: string;
  children: ReactNode;
}) {
  const touches = entry && entry.touches > 0 && say`The plan uses it for ${counted(entry.touches, 'open order')}.`;
  return (
    <EntryPage
      {...{ form, entry, touches, title: entry?.name ?? fresh, back: `/kitchen/${group}`, register: 'items' as const }}
    >
      {children}
      <ClosedFields control={form.control} today={today} />
    </EntryPage>
  );
}

const row = { display: 'flex', gap: 1.5, flexWrap: 'wrap' } as const;

export function OvenPage(props: ItemPageProps) {
  const fresh: ItemForms['ovens'] = {
    ...{ name: '', closed: [], units: 6, fan: false, celsius: 0, minutes: 0, heatRate: null, coolRate: null },
    ...{ deckLength: null, deckWidth: null },
  };
  const item = useItemForm('ovens', props, fresh, saveOvenAction);
  const { control } = item.form;
  return (
    <ItemPage of={item} fresh={say`A new oven`}>
      <Box sx={row}>
        <FormText control={control} name="name" label={say`Name`} sx={{ width: 260 }} />
        <FormText
          control={control}
          name="units"
          label={say`Slots`}
          hint={say`usual tins at once`}
          number
          sx={{ width: 160 }}
        />
        <FormText
          control={control}
          name="deckLength"
          label={say`Inside, cm long`}
          hint={say`for formulas whose slots go by size`}
          number
          sx={{ width: 150 }}
        />
        <FormText control={control} name="deckWidth" label={say`cm wide`} number sx={{ width: 130 }} />
      </Box>
      <FormCheck
        control={control}
        name="fan"
        label={say`It blows its heat about: bakes at less than formulas say, by the figure of the kitchen`}
      />
      <Box sx={row}>
        <FormText
          control={control}
          name="celsius"
          label={say`Its own correction, °C`}
          hint={say`−10: set it 10 lower`}
          number
          sx={{ width: 220 }}
        />
        <FormText
          control={control}
          name="minutes"
          label={say`… and minutes`}
          hint={say`10: takes ten more`}
          number
          sx={{ width: 180 }}
        />
        <FormText
          control={control}
          name="heatRate"
          label={say`Heats, °C a minute`}
          hint={say`empty: as usual`}
          number
          sx={{ width: 200 }}
        />
        <FormText
          control={control}
          name="coolRate"
          label={say`Cools, °C a minute`}
          hint={say`empty: as usual`}
          number
          sx={{ width: 200 }}
        />
      </Box>
    </ItemPage>
  );
}

export function MachinePage(props: ItemPageProps) {
  const fresh: ItemForms['machines'] = { name: '', closed: [], kind: 'mixer', units: 1, litres: null, batches: [] };
  const item = useItemForm('machines', props, fresh, saveMachineAction);
  const { control } = item.form;
  const kind = useWatch({ control, name: 'kind' });
  return (
    <ItemPage of={item} fresh={say`A new machine`}>
      <Box sx={row}>
        <FormText control={control} name="name" label={say`Name`} sx={{ width: 260 }} />
        <Controller
          control={control}
          name="kind"
          render={({ field, fieldState }) => (
            <Autocomplete
              freeSolo
              options={[...MACHINE_KINDS]}
              value={field.value}
              onInputChange={(_, text) => field.onChange(text)}
              sx={{ width: 220 }}
              renderInput={(params) => (
                <TextField
                  {...params}
                  label={say`What it is`}
                  error={fieldState.invalid}
                  helperText={fieldState.error?.message ?? say`as formulas ask for it`}
                />
              )}
            />
          )}
        />
        <FormText
          control={control}
          name="units"
          label={say`At once`}
          hint={say`rings of a hob, bowls`}
          number
          sx={{ width: 170 }}
        />
        {kind === 'mixer' && (
          <FormText control={control} name="litres" label={say`Bowl, litres`} number sx={{ width: 140 }} />
        )}
      </Box>
      {kind === 'mixer' && <BatchFields control={control} />}
    </ItemPage>
  );
}

/** Least and most of each kind of mix that a mixer takes. */
function BatchFields({ control }: { control: Control<ItemForms['machines']> }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'batches' });
  const batches = useWatch({ control, name: 'batches' });
  const free = BATTERS.filter((b) => !batches.some((x) => x.batter === b));
  return (
    <Box component="section" aria-label={say`Least and most at once`}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Least and most at once`}</Box>
      {fields.map((f, i) => (
        <Box key={f.id} sx={row}>
          <FormText
            control={control}
            name={`batches.${i}.batter`}
            label={say`Kind of mix`}
            options={BATTERS.map((b) => ({ value: b, name: term(b) }))}
            sx={{ width: 180 }}
          />
          <FormText control={control} name={`batches.${i}.least`} label={say`Least, g`} number sx={{ width: 130 }} />
          <FormText control={control} name={`batches.${i}.most`} label={say`Most, g`} number sx={{ width: 130 }} />
          <TakeOut what={say`mix ${i + 1}`} onTake={() => remove(i)} />
        </Box>
      ))}
      {free[0] && (
        <Button variant="outlined" color="secondary" onClick={() => append({ batter: free[0]!, least: 0, most: 6000 })}>
          {say`Add a kind of mix`}
        </Button>
      )}
    </Box>
  );
}

export function TinPage(props: ItemPageProps) {
  const fresh: ItemForms['tins'] = { name: '', closed: [], words: '', units: 1 };
  const item = useItemForm('tins', props, fresh, saveTinAction);
  const { control } = item.form;
  const words = useWatch({ control, name: 'words' });
  return (
    <ItemPage of={item} fresh={say`A new tin`}>
      <Box sx={row}>
        <FormText
          control={control}
          name="words"
          label={say`Form and size`}
          hint={say`“round 24, 7 deep”, “ring 18”, “sheet 60 x 40”, “heart 20”`}
          sx={{ width: 360 }}
        />
        <FormText control={control} name="units" label={say`How many`} number sx={{ width: 120 }} />
        <FormText control={control} name="name" label={say`Name`} hint={say`empty: by its size`} sx={{ width: 260 }} />
      </Box>
      <TinsUnderstood text={words} typing={mouldTypingOf(props.view.reading)} />
    </ItemPage>
  );
}

export function PlacePage(props: ItemPageProps) {
  const fresh: ItemForms['places'] = {
    name: '',
    closed: [],
    kind: 'fridge',
    units: 12,
    celsius: 4,
    litres: null,
    free: [],
  };
  const item = useItemForm('places', props, fresh, savePlaceAction);
  const { control } = item.form;
  return (
    <ItemPage of={item} fresh={say`A new place`}>
      <Box sx={row}>
        <FormText control={control} name="name" label={say`Name`} sx={{ width: 260 }} />
        <FormText
          control={control}
          name="kind"
          label={say`What it is`}
          options={STORE_PLACES.map((p) => ({ value: p, name: term(p) }))}
          sx={{ width: 160 }}
        />
        <FormText control={control} name="units" label={say`Shelves`} number sx={{ width: 120 }} />
        <FormText control={control} name="celsius" label="°C" number sx={{ width: 100 }} />
        <FormText control={control} name="litres" label={say`Litres`} number sx={{ width: 120 }} />
      </Box>
      <Box component="section" aria-label={say`Kept free of`}>
        <Box component="h2" sx={{ typography: 'h2', m: 0 }}>{say`Kept free of`}</Box>
        <Box
          sx={{ color: 'var(--zl-muted)' }}
        >{say`A note for whoever puts cakes there. The plan does not keep cakes apart by it yet: label the shelf.`}</Box>
        <Controller
          control={control}
          name="free"
          render={({ field }) => <AllergenBoxes chosen={field.value as Allergen[]} onChange={field.onChange} />}
        />
      </Box>
    </ItemPage>
  );
}
