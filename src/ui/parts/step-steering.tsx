'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Adjustment } from '@/core/steering/plan-edit';
import { NotAnsweredNote } from '../asking/not-answered';
import { stepMove } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { steerAction } from '../actions';
import { useAction } from './use-action';

/** What a lead can do with a step that has not begun: pin it, give it to somebody, take another route, leave it out. */
export function StepSteering({ step, onDone }: { step: string; onDone: () => void }) {
  const asked = useAsked(stepMove(step));
  const view = asked.answer;
  const action = useAction();
  const own = view?.network.steps.find((s) => s.id === step);
  if (asked.problem !== null)
    return <NotAnsweredNote asked={asked} what={say`What can be done with it could not be read`} />;
  if (!view || !own || own.fixed) return null;
  const steer = (adjustment: Adjustment) =>
    action.run(async () => {
      const done = await steerAction([adjustment]);
      if (done.ok) onDone();
      return done;
    });
  const here = { start: own.start, people: view.has, equipment: view.equipment };
  return (
    <Box sx={{ mt: 2, display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          color="secondary"
          disabled={action.busy}
          onClick={() => steer({ kind: 'pin', key: step, to: view.pinned ? null : here })}
        >
          {view.pinned ? say`Unpin` : say`Pin it here`}
        </Button>
        {view.optional && view.order !== null && (
          <Button
            variant="outlined"
            color="secondary"
            disabled={action.busy}
            onClick={() =>
              steer({
                kind: 'order',
                key: `${view.order}`,
                to: { without: [...view.optional!.without, view.optional!.role] },
              })
            }
          >
            {say`Leave out:`} {view.optional.label.toLowerCase()}
          </Button>
        )}
      </Box>
      {view.crew === 1 && view.hands.length > 1 && (
        <TextField
          select
          size="small"
          label={say`Who does it`}
          value={view.given?.[0] ?? ''}
          disabled={action.busy}
          onChange={(e) => steer({ kind: 'give', key: step, to: e.target.value ? [e.target.value] : null })}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">
            {say`As the plan has it:`} {view.hands.find((h) => h.id === view.has[0])?.name}
          </MenuItem>
          {view.hands.map((h) => (
            <MenuItem key={h.id} value={h.id}>
              {h.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {view.routes.map((r) => (
        <TextField
          key={r.key}
          select
          size="small"
          label={r.name}
          value={r.own}
          disabled={action.busy}
          onChange={(e) => {
            const choices: Record<string, string> = { ...view.choices, [r.key]: e.target.value };
            if (!e.target.value) delete choices[r.key];
            steer({ kind: 'order', key: `${view.order}`, to: { choices } });
          }}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">
            {say`Left to the plan:`} {r.choices.find((c) => c.key === r.taken)?.name}
          </MenuItem>
          {r.choices.map((c) => (
            <MenuItem key={c.key} value={c.key}>
              {c.name}
            </MenuItem>
          ))}
        </TextField>
      ))}
      {action.message}
    </Box>
  );
}
