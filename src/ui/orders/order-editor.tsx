'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControl from '@mui/material/FormControl';
import FormControlLabel from '@mui/material/FormControlLabel';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { DateTime } from 'luxon';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { Controller, useForm, useWatch, type Control, type FieldPath } from 'react-hook-form';
import { orderForm, type OrderForm } from '@/core/formats/order-form';
import { ALLERGENS } from '@/core/formula/formula';
import type { OrderFormView } from '@/server/order-pages';
import type { SizeChoice } from '@/server/sizes';
import { changeOrderAction, takeOrderAction } from '../actions';
import { Page } from '../parts/page';

const WALL_CLOCK = "yyyy-MM-dd'T'HH:mm";
const LOST = 'The server did not answer. What you typed is still here: save again.';

interface OrderEditorProps {
  /** Null for a new order. */
  id: number | null;
  version: number;
  title: string;
  form: OrderFormView;
}

/** The form of an order, new or known. On saving it is planned with all others. */
export function OrderEditor({ id, version, title, form }: OrderEditorProps) {
  const router = useRouter();
  const { control, handleSubmit, setError, setValue, formState } = useForm<OrderForm>({
    resolver: yupResolver(orderForm),
    defaultValues: form.values,
    mode: 'onTouched',
  });
  // What was opened is what is changed: a refresh behind the form must not make a stale edit look new.
  const [opened] = useState(version);
  const [problem, setProblem] = useState<string | null>(null);
  const [portions, build] = useWatch({ control, name: ['portions', 'build'] });
  const sizes = useSizes(form, build, portions, (size) =>
    setValue('size', size, { shouldValidate: formState.isSubmitted }),
  );

  const save = handleSubmit(async (values) => {
    setProblem(null);
    try {
      const result = id === null ? await takeOrderAction(values) : await changeOrderAction(id, opened, values);
      if (result.ok) {
        router.push(`/orders/${result.id}`);
        return;
      }
      setProblem(result.message);
      for (const [field, message] of Object.entries(result.fields ?? {}))
        setError(field as FieldPath<OrderForm>, { type: 'server', message }, { shouldFocus: true });
    } catch {
      setProblem(LOST);
    }
  });

  const chosen = form.builds.find((b) => b.id === build);
  return (
    <Page
      title={id === null ? 'New order' : `Change ${title}`}
      detail="Saved, it is broken down, planned with all others, and answered: can it be ready?"
    >
      <Box
        component="form"
        method="post"
        noValidate
        onSubmit={save}
        sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, columnGap: 4, rowGap: 2.25 }}
      >
        <Column heading="Who, when, how many">
          <Text
            control={control}
            name="title"
            label="Name of the ladder"
            hint="As it should stand on the wall: “Abara christening”"
          />
          <Text control={control} name="customer" label="Customer" />
          <Controller
            control={control}
            name="pickup"
            render={({ field, fieldState }) => (
              <DateTimePicker
                label="Pickup"
                ampm={false}
                format="ccc d LLL yyyy, HH:mm"
                minutesStep={5}
                timezone={form.zone}
                value={DateTime.fromISO(field.value, { zone: form.zone })}
                minDateTime={id === null ? DateTime.fromISO(form.earliest, { zone: form.zone }) : undefined}
                maxDateTime={DateTime.fromISO(form.latest, { zone: form.zone })}
                onChange={(time) => field.onChange(time?.isValid ? time.toFormat(WALL_CLOCK) : '')}
                slotProps={{
                  textField: {
                    size: 'small',
                    fullWidth: true,
                    onBlur: field.onBlur,
                    error: fieldState.invalid,
                    helperText: fieldState.error?.message ?? ' ',
                  },
                }}
              />
            )}
          />
          <Text control={control} name="portions" label="Portions" type="number" />
          <Avoid control={control} />
        </Column>
        <Column heading="What">
          <Text
            control={control}
            name="build"
            label="Build"
            select
            hint={
              chosen
                ? `${chosen.story} Contains ${chosen.allergens.join(', ') || 'none of the listed allergens'}.`
                : undefined
            }
          >
            {form.builds.map((b) => (
              <MenuItem key={b.id} value={b.id}>
                {b.name}
              </MenuItem>
            ))}
          </Text>
          <Text
            control={control}
            name="size"
            label="Shape and size"
            select
            hint={
              sizes.length === 0
                ? 'No set of the kitchen’s tins gives so many portions of this build.'
                : 'From the tins the kitchen owns, smallest surplus first.'
            }
          >
            {sizes.map((s) => (
              <MenuItem key={s.value} value={s.value}>
                {s.name} · {s.portions} portions
              </MenuItem>
            ))}
          </Text>
          <Text control={control} name="inscription" label="Inscription" />
          <Text control={control} name="note" label="Note for the kitchen" multiline />
          {problem && (
            <Alert severity="error" sx={{ mb: 1 }}>
              {problem}
            </Alert>
          )}
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained" size="large" disabled={formState.isSubmitting}>
              {formState.isSubmitting ? 'Planning…' : id === null ? 'Save and plan' : 'Save the change'}
            </Button>
            <Button
              size="large"
              color="secondary"
              component={NextLink}
              href={id === null ? '/orders' : `/orders/${id}`}
            >
              Cancel
            </Button>
          </Box>
        </Column>
      </Box>
    </Page>
  );
}

function Column({ heading, children }: { heading: string; children: React.ReactNode }) {
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.25, minWidth: 0 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {heading}
      </Box>
      {children}
    </Box>
  );
}

interface TextProps {
  control: Control<OrderForm>;
  name: 'title' | 'customer' | 'portions' | 'build' | 'size' | 'inscription' | 'note';
  label: string;
  hint?: string;
  type?: string;
  select?: boolean;
  multiline?: boolean;
  children?: React.ReactNode;
}

function Text({ control, name, label, hint, children, ...rest }: TextProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          {...field}
          {...rest}
          id={`order-${name}`}
          label={label}
          minRows={rest.multiline ? 2 : undefined}
          error={fieldState.invalid}
          helperText={fieldState.error?.message ?? hint ?? ' '}
        >
          {children}
        </TextField>
      )}
    />
  );
}

/** What the eaters must not get: boxes, so that nothing is misspelt. */
function Avoid({ control }: { control: Control<OrderForm> }) {
  return (
    <Controller
      control={control}
      name="avoid"
      render={({ field, fieldState }) => (
        <FormControl error={fieldState.invalid} component="fieldset">
          <FormLabel component="legend">The eaters must not get</FormLabel>
          <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(118px, 1fr))' }}>
            {ALLERGENS.map((a) => (
              <FormControlLabel
                key={a}
                label={a}
                control={
                  <Checkbox
                    checked={field.value.includes(a)}
                    onChange={(_, checked) =>
                      field.onChange(checked ? [...field.value, a] : field.value.filter((x) => x !== a))
                    }
                  />
                }
              />
            ))}
          </Box>
          <FormHelperText>
            {fieldState.error?.message ?? 'Checked against every ingredient. Local food law comes first.'}
          </FormHelperText>
        </FormControl>
      )}
    />
  );
}

/** Sizes for a build and a number of portions, asked again when either changes; the first is taken if the chosen one is gone. */
function useSizes(form: OrderFormView, build: string, portions: number, choose: (size: string) => void): SizeChoice[] {
  const [asked, setAsked] = useState({ build: form.values.build, portions: form.values.portions, sizes: form.sizes });
  const wanted = Number(portions);
  useEffect(() => {
    if (asked.build === build && asked.portions === wanted) return;
    const gone = new AbortController();
    const timer = setTimeout(() => {
      fetch(`/api/sizes?build=${encodeURIComponent(build)}&portions=${wanted}`, { signal: gone.signal })
        .then((response) => response.json() as Promise<SizeChoice[]>)
        .then((sizes) => {
          setAsked({ build, portions: wanted, sizes });
          choose(sizes[0]?.value ?? '');
        })
        .catch(() => undefined);
    }, 200);
    return () => {
      clearTimeout(timer);
      gone.abort();
    };
  }, [asked, build, wanted, choose]);
  return asked.sizes;
}
