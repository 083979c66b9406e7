'use client';

import { say, term } from '@/core/words/say';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Controller, useFieldArray, useWatch, type Control } from 'react-hook-form';
import type { Allergen } from '@/core/formula/formula';
import { ingredientForm, ingredientFormOf, type IngredientForm } from '@/core/input/ingredient-input';
import {
  ALL_INGREDIENT_KINDS,
  ingredientKind,
  INGREDIENT_KINDS,
  type IngredientKindName,
} from '@/core/kinds/ingredients';
import { counted } from '@/core/measure/counted';
import type { KitchenSections, ShownIngredient } from '@/server/kitchen/kitchen-sections';
import { saveIngredientAction } from '../actions';
import { finder } from '@/finding/finder';
import { KitchenLink } from '../kitchens/kitchen-link';
import { AllergenBoxes } from '../parts/allergen-boxes';
import { FormCheck } from '../parts/form-check';
import { TakeOut } from '../parts/take-out';
import { FormText } from '../parts/form-text';
import { Page } from '../parts/page';
import { useReading } from '../parts/reading';
import { EntryPage } from './entry-page';
import { MissingNote } from './kitchen-frame';
import { RetiredList } from './retired-list';
import { useEntryForm } from '../parts/use-entry-form';

const PLACE = '/kitchen/ingredients';

/** All ingredients, to be searched; what nobody has confirmed comes first. */
export function IngredientSection({ view }: { view: KitchenSections }) {
  const [typed, setTyped] = useState(useSearchParams().get('find') ?? '');
  const here = useMemo(() => view.ingredients.filter((i) => i.retiredAt === null), [view.ingredients]);
  const find = useMemo(
    () => finder(here, (i) => ({ name: i.name, more: `${i.otherNames.join(' ')} ${i.supplier ?? ''}` })),
    [here],
  );
  const sorted =
    typed.trim() === ''
      ? [...here].sort(
          (a, b) => Number(b.unconfirmed ?? false) - Number(a.unconfirmed ?? false) || a.name.localeCompare(b.name),
        )
      : find(typed).map((hit) => hit.item);
  return (
    <Page
      title={say`Ingredients`}
      detail={say`What formulas are made of: what they hold, how they are bought, and what is in the house.`}
      actions={
        <>
          <Button color="secondary" component={KitchenLink} href="/kitchen/tables/ingredients">
            {say`As a table`}
          </Button>
          <Button variant="contained" component={KitchenLink} href={`${PLACE}/new`}>{say`Add an ingredient`}</Button>
        </>
      }
    >
      <MissingNote frame={view} section="ingredients" />
      <TextField
        label={say`Find`}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        sx={{ maxWidth: 320, mb: 2 }}
      />
      {here.length === 0 && <p>{say`None yet: they come with formulas of the starter library, or one by one.`}</p>}
      <ul className="zl-cards">
        {sorted.map((i) => (
          <li key={i.id}>
            <IngredientCard ingredient={i} />
          </li>
        ))}
      </ul>
      <RetiredList entries={view.ingredients} place={PLACE} />
    </Page>
  );
}

function IngredientCard({ ingredient: i }: { ingredient: ShownIngredient }) {
  const { grams } = useReading();
  const about = [
    ...(i.is ? [INGREDIENT_KINDS[i.is].name] : []),
    ...(i.supplier ? [i.supplier] : []),
    say`${grams(i.stock)} here`,
    ...(i.formulas > 0 ? [say`in ${counted(i.formulas, 'formula')}`] : []),
  ];
  return (
    <KitchenLink href={`${PLACE}/${i.id}`} className="zl-card">
      <h2>{i.name}</h2>
      {i.unconfirmed && (
        <div style={{ color: 'var(--zl-tightText)', fontWeight: 700 }}>▲ {say`not confirmed by anybody`}</div>
      )}
      <div>{i.allergens.length > 0 ? i.allergens.map((a) => term(a)).join(', ') : say`no allergens`}</div>
      <div style={{ color: 'var(--zl-muted)', fontSize: 14 }}>{about.join(' · ')}</div>
    </KitchenLink>
  );
}

const FRESH: IngredientForm = {
  ...{ name: '', otherNames: [], is: '', percent: null, density: null, allergens: [], confirmed: false },
  ...{ supplier: '', packs: [], stock: 0, leastStock: 0, takeOut: null, keepCold: false },
};

export function IngredientPage({ view, id }: { view: KitchenSections; id: string | null }) {
  const entry = view.ingredients.find((i) => i.id === id) ?? null;
  const form = useEntryForm<IngredientForm>({
    ...{ schema: ingredientForm, start: entry ? ingredientFormOf(entry) : FRESH, after: PLACE },
    save: (typed, sure) => saveIngredientAction({ id, version: entry?.version ?? 0, sure }, typed),
  });
  const { control } = form;
  const touches = entry && entry.formulas > 0 && (
    <>
      {say`In ${counted(entry.formulas, 'formula')}, and ${counted(entry.touches, 'open order')}.`}{' '}
      <KitchenLink
        href={`/formulas?find=${encodeURIComponent(entry.name)}`}
        style={{ color: 'inherit' }}
      >{say`Show the formulas`}</KitchenLink>
    </>
  );
  const suppliers = [
    ...new Set([...view.suppliers.map((s) => s.name), ...view.ingredients.flatMap((i) => i.supplier ?? [])]),
  ].sort();
  return (
    <EntryPage
      title={entry?.name ?? say`A new ingredient`}
      back={PLACE}
      form={form}
      entry={entry}
      register="ingredients"
      touches={touches}
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <FormText control={control} name="name" label={say`Name`} sx={{ width: 260 }} />
        <Words control={control} name="otherNames" label={say`Other names`} options={[]} />
        <KindFields control={control} />
        <FormText
          control={control}
          name="density"
          label={say`g per ml`}
          hint={say`as it is spooned or poured`}
          number
          sx={{ width: 190 }}
        />
      </Box>
      <Box component="section" aria-label={say`What it holds`}>
        <Box component="h2" sx={{ typography: 'h2', m: 0 }}>{say`What it holds`}</Box>
        <Controller
          control={control}
          name="allergens"
          render={({ field }) => <AllergenBoxes chosen={field.value as Allergen[]} onChange={field.onChange} />}
        />
        <FormCheck
          control={control}
          name="confirmed"
          label={say`I have read its label: it holds these, and nothing else of the list`}
        />
      </Box>
      <Box component="section" aria-label={say`Buying and keeping`}>
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Buying and keeping`}</Box>
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
          <SupplierField control={control} options={suppliers} />
          <FormText control={control} name="stock" label={say`In the house, g`} number sx={{ width: 160 }} />
          <FormText
            control={control}
            name="leastStock"
            label={say`Least, g`}
            hint={say`below it: to be bought`}
            number
            sx={{ width: 190 }}
          />
          <FormText
            control={control}
            name="takeOut"
            label={say`Out of the cold before, min`}
            number
            sx={{ width: 220 }}
          />
        </Box>
        <FormCheck control={control} name="keepCold" label={say`Stays in the cold until the moment it is worked`} />
        <PackFields control={control} />
      </Box>
    </EntryPage>
  );
}

/** What it is, and its fat, cacao or strength where that matters. */
function KindFields({ control }: { control: Control<IngredientForm> }) {
  const is = useWatch({ control, name: 'is' });
  const percent = is ? ingredientKind(is as IngredientKindName).percent : undefined;
  return (
    <>
      <FormText
        control={control}
        name="is"
        label={say`What it is`}
        options={[
          { value: '', name: say`nothing of these` },
          ...ALL_INGREDIENT_KINDS.map((k) => ({ value: k, name: INGREDIENT_KINDS[k].name })),
        ]}
        sx={{ width: 210 }}
      />
      {percent && (
        <FormText
          control={control}
          name="percent"
          label={percent === 'fat' ? say`Fat, %` : percent === 'cacao' ? say`Cacao, %` : say`Strength`}
          number
          sx={{ width: 120 }}
        />
      )}
    </>
  );
}

function Words({
  control,
  name,
  label,
  options,
}: {
  control: Control<IngredientForm>;
  name: 'otherNames';
  label: string;
  options: string[];
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Autocomplete
          multiple
          freeSolo
          options={options}
          value={field.value}
          onChange={(_, value) => field.onChange(value)}
          sx={{ width: 300 }}
          renderInput={(params) => (
            <TextField
              {...params}
              label={label}
              error={fieldState.invalid}
              helperText={fieldState.error?.message ?? say`Enter after each`}
            />
          )}
        />
      )}
    />
  );
}

function SupplierField({ control, options }: { control: Control<IngredientForm>; options: string[] }) {
  return (
    <Controller
      control={control}
      name="supplier"
      render={({ field, fieldState }) => (
        <Autocomplete
          freeSolo
          options={options}
          value={field.value}
          onInputChange={(_, text) => field.onChange(text)}
          sx={{ width: 240 }}
          renderInput={(params) => (
            <TextField
              {...params}
              label={say`Supplier`}
              error={fieldState.invalid}
              helperText={fieldState.error?.message ?? ' '}
            />
          )}
        />
      )}
    />
  );
}

function PackFields({ control }: { control: Control<IngredientForm> }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'packs' });
  return (
    <>
      {fields.map((f, i) => (
        <Box key={f.id} sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <FormText control={control} name={`packs.${i}.grams`} label={say`Pack, g`} number sx={{ width: 140 }} />
          <FormText
            control={control}
            name={`packs.${i}.price`}
            label={say`Price of a pack`}
            number
            sx={{ width: 160 }}
          />
          <TakeOut what={say`pack ${i + 1}`} onTake={() => remove(i)} />
        </Box>
      ))}
      <Button
        variant="outlined"
        color="secondary"
        onClick={() => append({ grams: 1000, price: null })}
      >{say`Add a pack`}</Button>
    </>
  );
}
