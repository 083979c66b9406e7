'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import type { CalculationAnswer, CalculatorView, WorkbenchView } from '@/server/workbench/calculators';
import type { PlacedPiece } from '@/core/shape/piece';
import { calculateAction } from '../actions';
import { Page } from '../parts/page';
import type { RowPiece } from '@/core/shape/cutting-scheme';
import type { Form } from '@/core/shape/form';
import { CutDrawing, PanelDrawing, SheetDrawing } from './drawings';
import { finder } from '@/finding/finder';
import { CalcField } from './fields';
import { startValues, toInput, type Values } from './typed-values';
import { Results } from './results';
import { useInKitchen } from '../kitchens/in-kitchen';

/** All calculators in one place: chosen at the left, typed in the middle, read at the right. */
export function WorkbenchPage({ view, wanted }: { view: WorkbenchView; wanted: string | null }) {
  const router = useRouter();
  const within = useInKitchen();
  const [words, setWords] = useState('');
  const chosen =
    view.calculators.find((c) => c.name === wanted) ?? view.calculators.find((c) => c.name === 'tin-swap')!;
  const find = useMemo(
    () => finder(view.calculators, (c) => ({ name: c.title, more: `${c.name} ${c.group} ${c.about} ${c.also}` })),
    [view.calculators],
  );
  const found = useMemo(() => find(words).map((h) => h.item), [find, words]);
  const groups = [...new Set(found.map((c) => c.group))];
  return (
    <Page
      wide
      title={say`Workbench`}
      detail={say`Every sum with the kitchen’s own figures. Units may be typed: 8 in, 2 lb 3 oz, 350F.`}
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '250px minmax(0, 1fr)' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Box component="nav" aria-label={say`Calculators`}>
          <TextField
            label={say`Find a calculator`}
            value={words}
            onChange={(e) => setWords(e.target.value)}
            sx={{ mb: 1 }}
          />
          <Box sx={{ maxHeight: { xs: 190, md: 'none' }, overflowY: { xs: 'auto', md: 'visible' } }}>
            {groups.map((g) => (
              <Box key={g} sx={{ mb: 1 }}>
                <Box sx={{ fontSize: 12.5, fontWeight: 700, color: 'var(--zl-muted)' }}>{g}</Box>
                {found
                  .filter((c) => c.group === g)
                  .map((c) => (
                    <Box
                      key={c.name}
                      component="button"
                      type="button"
                      aria-current={c === chosen ? 'true' : undefined}
                      onClick={() => router.replace(within(`/workbench?calc=${c.name}`), { scroll: false })}
                      sx={{
                        display: 'block',
                        width: '100%',
                        textAlign: 'left',
                        font: 'inherit',
                        border: 0,
                        borderLeft: `5px solid ${c === chosen ? 'var(--zl-zest)' : 'transparent'}`,
                        bgcolor: c === chosen ? 'var(--zl-card)' : 'transparent',
                        color: 'inherit',
                        fontWeight: c === chosen ? 700 : 400,
                        minHeight: 34,
                        px: 1,
                        cursor: 'pointer',
                        '&:hover': { bgcolor: 'var(--zl-card)' },
                      }}
                    >
                      {c.title}
                    </Box>
                  ))}
              </Box>
            ))}
            {found.length === 0 && <p>{say`No calculator has all these words.`}</p>}
          </Box>
        </Box>
        <Calculator key={chosen.name} calculator={chosen} ingredients={view.ingredients} />
      </Box>
    </Page>
  );
}

const LOST: CalculationAnswer = {
  ok: false,
  problems: [{ path: '', message: say`The server did not answer. What you typed is still here.` }],
};

function Calculator({
  calculator,
  ingredients,
}: {
  calculator: CalculatorView;
  ingredients: WorkbenchView['ingredients'];
}) {
  const [values, setValues] = useState<Values>(() => startValues(calculator.fields));
  const [answer, setAnswer] = useState<{ for: string; result: CalculationAnswer } | null>(null);
  const input = toInput(calculator.fields, values);
  const asked = JSON.stringify(input);
  useEffect(() => {
    let gone = false;
    const timer = setTimeout(() => {
      void calculateAction(calculator.name, JSON.parse(asked) as typeof input)
        .then((r): CalculationAnswer =>
          r.ok || 'problems' in r ? r : { ok: false, problems: [{ path: '', message: r.message }] },
        )
        .catch(() => LOST)
        .then((result) => {
          if (!gone) setAnswer({ for: asked, result });
        });
    }, 150);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [asked, calculator.name]);
  const result = answer?.result ?? null;
  const problems = result && !result.ok ? Object.fromEntries(result.problems.map((p) => [p.path, p.message])) : {};
  return (
    <Box
      component="section"
      aria-label={calculator.title}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <Box>
        <Box component="h2" sx={{ typography: 'h1', m: 0 }}>
          {calculator.title}
        </Box>
        <Box sx={{ color: 'var(--zl-muted)', mb: 2 }}>{calculator.about}</Box>
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          {Object.entries(calculator.fields).map(([name, spec]) => (
            <CalcField
              key={name}
              name={name}
              spec={spec}
              value={values[name]}
              path={name}
              problems={problems}
              ingredients={ingredients}
              onChange={(v) => setValues((all) => ({ ...all, [name]: v }))}
            />
          ))}
        </Box>
      </Box>
      <Box
        aria-live="polite"
        sx={{
          p: 2,
          border: '1px solid var(--zl-line)',
          borderLeft: '6px solid var(--zl-zest)',
          borderRadius: 2,
          bgcolor: 'var(--zl-card)',
          minWidth: 0,
          opacity: answer?.for === asked ? 1 : 0.6,
        }}
      >
        {result?.ok && (
          <>
            {Array.isArray(result.values.placed) && (
              <SheetDrawing
                sheet={{ length: Number(input.length), width: Number(input.width) }}
                placed={result.values.placed as unknown as PlacedPiece[]}
              />
            )}
            {Array.isArray(result.values.pieces) && result.values.pieces.length > 0 && (
              <CutDrawing
                form={result.values.form as unknown as Form}
                pieces={result.values.pieces as unknown as RowPiece[]}
              />
            )}
            {Array.isArray(result.values.panels) && (
              <PanelDrawing calculator={calculator.name} fields={input} values={result.values} />
            )}
            <Results calculator={calculator} values={result.values} />
          </>
        )}
        {result && !result.ok && (
          <Box role="alert" sx={{ color: 'var(--zl-missesText)' }}>
            {result.problems.map((p) => (
              <div key={`${p.path} ${p.message}`}>{p.message}</div>
            ))}
          </Box>
        )}
        <Box sx={{ mt: 2, fontSize: 13.5, color: 'var(--zl-muted)' }}>
          {say`How it is reckoned:`} {calculator.source}
        </Box>
      </Box>
    </Box>
  );
}
