'use client';

import { say, terms } from '@/core/words/say';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { OrderForm } from '@/core/input/order-input';
import type { BuildChoice } from '@/server/builds/build-choices';
import { ChoiceCard } from '../parts/choice-card';
import { ChoiceGroup } from '../parts/choice-group';
import { ClashNote } from './clash-note';
import { formulaOf } from './clash-ways';
import { useOffers } from './step-size';

interface StepBuildProps {
  values: Pick<OrderForm, 'build' | 'size' | 'portions' | 'avoid' | 'swaps' | 'choices' | 'without'>;
  builds: BuildChoice[];
  set: (change: Partial<OrderForm>) => void;
  problem: string | undefined;
}

/** The builds that can have the chosen size, and what each of their parts can be. */
export function StepBuild({ values, builds, set, problem }: StepBuildProps) {
  const offers = useOffers(Number(values.portions)).answer;
  const offer = offers?.find((o) => o.value === values.size);
  const fitting = offer ? builds.filter((b) => offer.builds.some((x) => x.id === b.id)) : builds;
  const chosen = builds.find((b) => b.id === values.build);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <ChoiceGroup label={say`Build`} sx={{ display: 'grid', gap: 1 }}>
        {problem && (
          <Box role="alert" sx={{ color: 'var(--zl-missesText)' }}>
            {problem}
          </Box>
        )}
        {fitting.map((b) => {
          const clash = b.allergens.filter((a) => values.avoid.includes(a));
          return (
            <ChoiceCard
              key={b.id}
              chosen={b.id === values.build}
              label={b.name}
              onChoose={() => set(b.id === values.build ? {} : { build: b.id, swaps: {}, without: [] })}
            >
              <b>{b.name}</b>
              <Box sx={{ fontSize: 14 }}>{b.story}</Box>
              <Box sx={{ fontSize: 13, color: clash.length > 0 ? 'var(--zl-missesText)' : 'var(--zl-muted)' }}>
                {clash.length > 0
                  ? say`■ Contains ${terms(clash)}: exchange that part`
                  : say`Contains ${terms(b.allergens) || say`none of the list`}`}
              </Box>
            </ChoiceCard>
          );
        })}
      </ChoiceGroup>
      {chosen && (
        <Box sx={{ position: 'sticky', top: 8 }}>
          <ClashNote build={chosen} builds={fitting} values={values} set={set} />
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1.25 }}>
            {chosen.name}
            {say`: its parts`}
          </Box>
          <Box sx={{ display: 'grid', gap: 1.5 }}>
            {chosen.parts.map((p) => (
              <Exchange
                key={p.role}
                part={p}
                now={formulaOf(p, chosen, values)}
                usual={formulaOf(p, chosen, { ...values, swaps: {} })}
                values={values}
                set={set}
              />
            ))}
          </Box>
          {chosen.questions.length > 0 && (
            <>
              <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 2.5, mb: 1.25 }}>{say`How it is made`}</Box>
              <Box sx={{ display: 'grid', gap: 1.5 }}>
                {chosen.questions.map((q) => (
                  <TextField
                    key={q.key}
                    select
                    label={q.question}
                    value={values.choices[q.key] ?? ''}
                    onChange={(e) => set({ choices: { ...values.choices, [q.key]: e.target.value } })}
                    helperText={
                      q.choices.find((c) => c.key === (values.choices[q.key] || q.default))?.effect ||
                      say`Left open, the plan takes what fits.`
                    }
                    slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
                  >
                    <MenuItem value="">
                      {q.default
                        ? say`As the kitchen does: ${q.choices.find((c) => c.key === q.default)?.name ?? ''}`
                        : say`Left to the plan`}
                    </MenuItem>
                    {q.choices.map((c) => (
                      <MenuItem key={c.key} value={c.key}>
                        {c.name}
                      </MenuItem>
                    ))}
                  </TextField>
                ))}
              </Box>
            </>
          )}
        </Box>
      )}
    </Box>
  );
}

function Exchange({
  part,
  now,
  usual,
  values,
  set,
}: { part: BuildChoice['parts'][number]; now: string; usual: string } & Pick<StepBuildProps, 'values' | 'set'>) {
  const clash = (allergens: readonly string[]) => allergens.filter((a) => (values.avoid as string[]).includes(a));
  const found = clash(part.others.find((o) => o.id === now)?.allergens ?? []);
  return (
    <TextField
      select
      label={part.label}
      value={now}
      disabled={part.others.length < 2}
      error={found.length > 0}
      helperText={found.length > 0 ? say`Contains ${terms(found)}` : undefined}
      onChange={(e) => {
        const swaps = { ...values.swaps, [part.role]: e.target.value };
        if (e.target.value === usual) delete swaps[part.role];
        set({ swaps });
      }}
    >
      {part.others.map((o) => (
        <MenuItem key={o.id} value={o.id}>
          {o.name}
          {clash(o.allergens).length > 0 && say` (contains ${terms(clash(o.allergens))})`}
        </MenuItem>
      ))}
    </TextField>
  );
}
