'use client';

import { Controller, useWatch, type Control } from 'react-hook-form';
import type { Mould } from '@/core/breakdown/kitchen';
import type { Design } from '@/core/design/design';
import type { BuildForm } from '@/core/input/build-input';
import { formName, span, type Form } from '@/core/shape/form';
import { say } from '@/core/words/say';
import { FormText } from '../parts/form-text';
import { PressSome } from '../parts/press-some';

type BuildControl = { control: Control<BuildForm> };

const SIZES = [
  { value: 'moulds', name: say`All that we have moulds for` },
  { value: 'chosen', name: say`Some sizes` },
  { value: 'one', name: say`Only as it stands here` },
];

/** What a build is called, and in which sizes it can be made. */
export function BuildNameFields({ control }: BuildControl) {
  const sizes = useWatch({ control, name: 'sizes' });
  return (
    <>
      <FormText control={control} name="name" label={say`Name`} />
      <FormText control={control} name="story" label={say`In a sentence`} multiline />
      <FormText control={control} name="sizes" label={say`In which sizes`} options={SIZES} />
      {sizes !== 'one' && <FormText control={control} name="mostTiers" label={say`At most so many tiers`} number />}
    </>
  );
}

/** The sizes that it can be made in, where they are chosen: of the kitchen's moulds, and those that it has already. */
export function ChosenSizes({ control, moulds, design }: BuildControl & { moulds: readonly Mould[]; design: Design }) {
  const sizes = useWatch({ control, name: 'sizes' });
  if (sizes !== 'chosen') return null;
  const owned = moulds.filter((m) => m.owned > 0 && m.use !== 'sheet').map((m) => m.form);
  return (
    <Controller
      control={control}
      name="chosen"
      render={({ field, fieldState }) => {
        const chosen = (field.value ?? []) as Form[];
        const all = new Map([...owned, ...design.pieces.map((p) => p.form), ...chosen].map((f) => [formName(f), f]));
        return (
          <PressSome
            title={say`Sizes`}
            problem={fieldState.error?.message}
            all={[...all.values()]
              .sort((a, b) => span(a) - span(b))
              .map((f) => ({ key: formName(f), name: formName(f) }))}
            chosen={chosen.map(formName)}
            onChange={(names) => field.onChange(names.map((name) => all.get(name)!))}
          />
        );
      }}
    />
  );
}

/** What makes it what it is: where a cake without something is looked for, it is not exchanged. */
export function FixedParts({ control, design }: BuildControl & { design: Design }) {
  return (
    <Controller
      control={control}
      name="fixed"
      render={({ field }) => (
        <PressSome
          title={say`Always as it is`}
          hint={say`What is pressed is not exchanged where a cake without something, or of another flavour, is looked for.`}
          all={design.parts.map((p) => ({ key: p.role, name: p.label }))}
          chosen={(field.value ?? []) as string[]}
          onChange={field.onChange}
        />
      )}
    />
  );
}
