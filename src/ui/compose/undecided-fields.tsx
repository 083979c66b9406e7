'use client';

import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import { undecidedAt, withUndecided, type Open } from '@/core/compose/edits/undecided';
import type { Design } from '@/core/design/design';
import { NO_DAY } from '@/core/design/undecided';
import { say } from '@/core/words/say';

interface UndecidedFieldsProps {
  design: Design;
  of: Open;
  /** What it is called where nobody says otherwise. */
  name: string;
  /** The day by which it is to be agreed where nobody says otherwise, ISO; of a build, which nobody has ordered, none. */
  by: string;
  change: (edit: (design: Design) => Design) => void;
}

/** Whether something is agreed with the customer; while it is not, what stands there is planned for the time being. */
export function UndecidedFields({ design, of, name, by, change }: UndecidedFieldsProps) {
  const open = undecidedAt(design, of);
  const set = (next: typeof open) => change((d) => withUndecided(d, of, next));
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <FormControlLabel
        control={<Switch checked={open !== null} onChange={(_, on) => set(on ? { what: name, by } : null)} />}
        label={say`Not agreed yet`}
      />
      {open && (
        <>
          <TextField
            size="small"
            label={say`What is to be agreed`}
            value={open.what}
            onChange={(e) => set({ ...open, what: e.target.value })}
            slotProps={{ htmlInput: { maxLength: 80 } }}
          />
          {by !== NO_DAY && (
            <TextField
              size="small"
              type="date"
              label={say`Agreed by`}
              value={open.by}
              onChange={(e) => {
                if (e.target.value) set({ ...open, by: e.target.value });
              }}
              helperText={say`The wall asks for it until then. It is planned as it stands here.`}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          )}
        </>
      )}
    </Box>
  );
}
