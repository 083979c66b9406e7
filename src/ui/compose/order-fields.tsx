import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import { Controller, useWatch, type Control } from 'react-hook-form';
import type { Kitchen } from '@/core/breakdown/kitchen';
import type { Sums } from '@/core/compose/sums';
import type { Design } from '@/core/design/design';
import { undecidedOf } from '@/core/design/undecided';
import { ALLERGENS } from '@/core/formula/formula';
import type { OrderForm } from '@/core/input/order-input';
import { notBorne } from '@/core/order/standing';
import { PORTION_KINDS, type PortionKind } from '@/core/shape/portions';
import { say, term } from '@/core/words/say';
import type { ComposerView } from '@/server/orders/composer';
import { OrderText, Pickup } from '../orders/order-fields';
import { Fold } from '../parts/fold';
import { Pictures } from './pictures';
import { dayText } from '@/core/time/day-text';

interface OrderFieldsProps {
  view: ComposerView;
  control: Control<OrderForm>;
  design: Design;
  sums: Sums | null;
  kitchen: Kitchen | null;
  change: (edit: (design: Design) => Design) => void;
  /** Another cake takes the place of what is there; null while one is looked for. */
  onBeginAnew: (() => void) | null;
}

/** Who, when, how many, what must not be in it, where it goes and what must not be forgotten. */
export function OrderFields({ view, control, design, sums, kitchen, change, onBeginAnew }: OrderFieldsProps) {
  const build = useWatch({ control, name: 'build' });
  const open = undecidedOf(design);
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {view.together && <Box sx={{ fontSize: 14 }}>{say`One order with ${view.together}`}</Box>}
      <OrderText control={control} name="title" label={say`Name of the order`} />
      <OrderText control={control} name="customer" label={say`Customer`} />
      <Pickup control={control} form={view} known={view.id !== null} />
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr' }}>
        <OrderText control={control} name="portions" label={say`Portions`} type="number" />
        <TextField
          select
          label={say`Kind`}
          value={design.portion}
          onChange={(e) => change((d) => ({ ...d, portion: e.target.value as PortionKind }))}
          helperText=" "
        >
          {PORTION_KINDS.map((k) => (
            <MenuItem key={k} value={k}>
              {term(k)}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {onBeginAnew && (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 1 }}>
          <Box sx={{ flex: 1, fontSize: 14 }}>
            <span style={{ color: 'var(--zl-muted)' }}>{say`Begun from`}</span>{' '}
            {view.builds.find((b) => b.id === build)?.name ?? build}
          </Box>
          <Button size="small" color="secondary" variant="outlined" onClick={onBeginAnew}>{say`Begin anew`}</Button>
        </Box>
      )}
      <Avoided control={control} />
      <OrderText
        control={control}
        name="inscription"
        label={say`Inscription`}
        hint={say`Letter for letter, as it should stand on the cake`}
      />
      <OrderText control={control} name="inscriptionAt" label={say`Where it stands on it`} />
      <OrderText control={control} name="colours" label={say`Colours`} />
      <OrderText control={control} name="note" label={say`Must not be forgotten`} multiline />
      {open.length > 0 && (
        <Box component="section" aria-label={say`To be agreed`} sx={{ mb: 1 }}>
          <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>{say`To be agreed`}</Box>
          {open.map((u) => (
            <Box key={`${u.what} ${u.by}`}>
              <span aria-hidden>▢ </span>
              <b>{u.what}</b> {say`by ${dayText(u.by)}`}
            </Box>
          ))}
        </Box>
      )}
      <Controller
        control={control}
        name="pictures"
        render={({ field }) => <Pictures ids={field.value ?? []} onChange={field.onChange} />}
      />
      <Fold title={say`From pickup to table`} said={<GoesTo control={control} />}>
        <OrderText control={control} name="goesTo" label={say`Who fetches it, or where it goes`} />
        <OrderText control={control} name="box" label={say`Box`} />
        <Stands control={control} sums={sums} kitchen={kitchen} />
      </Fold>
      <Fold title={say`Only an enquiry`} said={<HeldUntil control={control} />}>
        <OrderText
          control={control}
          name="holdsUntil"
          type="date"
          label={say`Holds its place until`}
          hint={say`The end of that day. Then it lapses, unless it has been begun. Empty is an order.`}
        />
      </Fold>
    </Box>
  );
}

const Said = ({ children }: { children: string }) => (
  <b style={{ display: 'block', fontSize: 14, overflowWrap: 'anywhere' }}>{children}</b>
);

function GoesTo({ control }: Pick<OrderFieldsProps, 'control'>) {
  const [goesTo, box, hours, celsius, outdoors] = useWatch({
    control,
    name: ['goesTo', 'box', 'standsHours', 'standsCelsius', 'standsOutdoors'],
  });
  const stands = hours ? say`${hours} h${celsius ? say` at ${celsius} °C` : ''}${outdoors ? say`, outdoors` : ''}` : '';
  const all = [goesTo, box, stands].filter(Boolean);
  return all.length > 0 ? <Said>{all.join(' · ')}</Said> : null;
}

function HeldUntil({ control }: Pick<OrderFieldsProps, 'control'>) {
  const until = useWatch({ control, name: 'holdsUntil' });
  return until ? <Said>{say`held until ${dayText(until)}`}</Said> : null;
}

/** What the eaters must not get, chosen from the list so that nothing is misspelt. */
function Avoided({ control }: Pick<OrderFieldsProps, 'control'>) {
  return (
    <Controller
      control={control}
      name="avoid"
      render={({ field, fieldState }) => (
        <Autocomplete
          multiple
          size="small"
          disableCloseOnSelect
          options={[...ALLERGENS]}
          value={field.value as (typeof ALLERGENS)[number][]}
          getOptionLabel={term}
          onChange={(_, value) => field.onChange(value)}
          onBlur={field.onBlur}
          renderInput={(params) => (
            <TextField
              {...params}
              label={say`The eaters must not get`}
              error={fieldState.invalid}
              helperText={
                fieldState.error?.message ?? say`Checked against every ingredient. Local food law comes first.`
              }
            />
          )}
        />
      )}
    />
  );
}

/** Where it stands until it is eaten, and what of it does not bear that. */
function Stands({ control, sums, kitchen }: Pick<OrderFieldsProps, 'control' | 'sums' | 'kitchen'>) {
  const [hours, celsius, outdoors] = useWatch({ control, name: ['standsHours', 'standsCelsius', 'standsOutdoors'] });
  const parts = (sums?.parts ?? []).flatMap((p) => {
    const formula = kitchen?.formulas.get(p.formula);
    return formula ? [{ role: p.role, label: p.label, formula }] : [];
  });
  const stands = { hours: Number(hours ?? 0), celsius: Number(celsius ?? 22), outdoors: outdoors ?? false };
  const bad = kitchen && hours ? notBorne(parts, stands, kitchen.coefficients) : null;
  return (
    <>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr' }}>
        <OrderText control={control} name="standsHours" label={say`Stands, hours`} type="number" />
        <OrderText
          control={control}
          name="standsCelsius"
          label={say`at, °C`}
          type="number"
          hint={say`22 where nobody says`}
        />
      </Box>
      <Controller
        control={control}
        name="standsOutdoors"
        render={({ field }) => (
          <FormControlLabel
            control={<Switch checked={field.value ?? false} onChange={(_, on) => field.onChange(on)} />}
            label={say`Outdoors`}
          />
        )}
      />
      {bad && (
        <Box role="status" sx={{ color: 'var(--zl-tightText)', fontSize: 14 }}>
          ▲ {bad.why}
        </Box>
      )}
    </>
  );
}
