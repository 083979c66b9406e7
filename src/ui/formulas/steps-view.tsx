'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import { durationText } from '@/core/time/duration-text';
import type { Formula, FormulaStep, FormulaWait } from '@/core/formula/formula';
import { SCHOOLS } from '@/core/formula/schools';
import { waitingPlace } from '@/core/kinds/places';
import { placeLook } from '../ladder/places';
import { Caution } from '../parts/caution';
import { useReading } from '../parts/reading';

/** The steps of a formula as a ladder: rungs with the waits between them. */
export function StepsView({ formula }: { formula: Formula }) {
  const { keeping } = formula;
  const nameOf = new Map(formula.steps.map((s) => [s.key, s.name]));
  return (
    <Box>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Steps`}</Box>
      {formula.steps.map((s, i) => (
        <Box key={`${s.key} ${s.name}`}>
          <StepBlock step={s} number={i + 1} />
          {formula.steps[i + 1]?.key !== s.key &&
            formula.waits
              .filter((w) => w.from === s.key)
              .map((w) => (
                <WaitBlock
                  key={w.to}
                  wait={w}
                  before={w.to === formula.steps[i + 1]?.key ? null : (nameOf.get(w.to) ?? w.to)}
                />
              ))}
        </Box>
      ))}
      <WaitBlock
        wait={{ ...keeping, from: '', to: '' }}
        name={say`Then keeps ${durationText(keeping.max)}${keeping.place ? say` in the ${term(keeping.place)}` : say` on the bench`}`}
      />
      {keeping.betterAfter !== undefined && (
        <Box
          sx={{ mt: 1 }}
        >{say`It is better after ${durationText(keeping.betterAfter)}, and made ahead where that fits.`}</Box>
      )}
      {(formula.rescues ?? []).map((r) => (
        <Box key={r.failure} sx={{ mt: 1 }}>
          <b>{say`If it ${r.failure}:`}</b> {r.help}
        </Box>
      ))}
      {formula.rescue && (
        <Box sx={{ mt: 2 }}>
          <b>{say`If it goes wrong:`}</b> {formula.rescue}
        </Box>
      )}
    </Box>
  );
}

function StepBlock({ step, number }: { step: FormulaStep; number: number }) {
  const { low, likely, high, perKilo, perPiece, perTin } = step.minutes;
  const { tell } = useReading();
  const school = SCHOOLS.find((s) => s.key === step.when?.school);
  return (
    <Box
      sx={{
        p: 1.5,
        border: '1px solid var(--zl-line)',
        borderLeft: `8px solid var(--zl-${step.work === 'hands' ? 'zest' : step.work === 'oven' ? 'oven' : 'muted'})`,
        borderRadius: 1.5,
        bgcolor: 'var(--zl-card)',
        mb: step.when ? 0.5 : 0,
      }}
    >
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'baseline' }}>
        <Box component="h3" sx={{ typography: 'h3', m: 0, flex: 1 }}>
          {number}. {tell(step.name)}
        </Box>
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
          {likely} {say`min (`}
          {low}–{high}){perKilo ? say`, + ${perKilo} per kg` : ''}
          {perPiece ? say`, + ${perPiece} per piece` : ''}
          {perTin ? say`, + ${perTin} per tin` : ''}
          {step.skill ? ` · ${step.skill}` : ''}
          {(step.uses ?? []).map((u) => ` · ${u.units > 1 ? `${u.units} × ` : ''}${term(u.kind)}`).join('')}
          {step.oven ? ` · ${step.oven.celsius} °C` : ''}
        </Box>
      </Box>
      {school && (
        <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>
          {school.question}: {school.choices.find((c) => c.key === step.when?.choice)?.name}
        </Box>
      )}
      <Box sx={{ mt: 0.5 }}>{tell(step.how)}</Box>
      {step.sign && (
        <Box sx={{ mt: 0.5 }}>
          <b>{say`Until:`}</b> {tell(step.sign)}
        </Box>
      )}
      {step.check && (
        <Box sx={{ mt: 0.5 }}>
          <b>{say`Checked:`}</b> {step.check.text}
          {say`. If not:`} {step.check.otherwise}
          {step.check.beyond && say` Too far: ${step.check.beyond}`}
        </Box>
      )}
      {(step.prepare ?? []).map((p) => (
        <Box key={p.text} sx={{ mt: 0.5, fontSize: 14, color: 'var(--zl-muted)' }}>
          {say`${durationText(p.before)} before: ${p.text}`}
        </Box>
      ))}
      {(step.reminders ?? []).map((r) => (
        <Box key={r.text} sx={{ mt: 0.5, fontSize: 14, color: 'var(--zl-muted)' }}>
          {r.share === undefined ? say`after ${r.after} min` : say`after ${Math.round(r.share * 100)} % of it`}
          {r.every ? say` and every ${r.every} min` : ''}: {r.text}
        </Box>
      ))}
      {step.caution && <Caution text={step.caution} />}
    </Box>
  );
}

function WaitBlock({
  wait,
  name,
  before = null,
}: {
  wait: Pick<FormulaWait, 'min' | 'max' | 'place' | 'why' | 'attended' | 'ovenOff'> & { from: string; to: string };
  name?: string;
  /** The step that it is before, where that is not the next one. */
  before?: string | null;
}) {
  const place = waitingPlace(wait.place);
  const limit = wait.max === null ? '' : say`, at most ${durationText(wait.max)}`;
  const where = wait.ovenOff ? say` in its oven, closed and off` : wait.place ? say` in the ${term(wait.place)}` : '';
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'stretch', minHeight: 40, ml: 2, my: 0.25 }}>
      <Box aria-hidden {...placeLook(place)} sx={{ width: 10, borderRadius: '2px' }} />
      <Box sx={{ alignSelf: 'center', fontSize: 14, color: 'var(--zl-muted)' }}>
        {name
          ? `${name}${wait.min > 0 ? say`; used after ${durationText(wait.min)} at the earliest` : ''}`
          : `${wait.min === 0 ? say`at once` : say`at least ${durationText(wait.min)}`}${limit}${where}${wait.attended ? say`, while somebody is in` : ''}${before === null ? '' : say`, before “${before}”`}`}
        {wait.why && `: ${wait.why}`}
      </Box>
    </Box>
  );
}
