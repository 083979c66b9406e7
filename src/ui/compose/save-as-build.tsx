'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useForm, type Control, type FieldPath } from 'react-hook-form';
import type { Design } from '@/core/design/design';
import { buildForm, type BuildForm } from '@/core/input/build-input';
import { say } from '@/core/words/say';
import { saveBuildAction } from '../actions';
import { BuildNameFields, ChosenSizes } from '../builds/build-fields';

const LOST = say`The server did not answer. What you typed is still here: try again.`;

interface SaveAsBuildProps {
  design: Design;
  /** As it is sent. */
  document: string;
  moulds: Parameters<typeof ChosenSizes>[0]['moulds'];
  onSaved: (id: string) => void;
}

/** Keeps the cake as a build: a name, what it is, and in which sizes. */
export function SaveAsBuild({ design, document, moulds, onSaved }: SaveAsBuildProps) {
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const { control, handleSubmit, setError, formState } = useForm({
    resolver: yupResolver(buildForm),
    defaultValues: {
      ...{ name: '', story: '', sizes: 'moulds', chosen: [], mostTiers: Math.max(design.pieces.length, 1) },
      ...{ fixed: [], design: document },
    },
  });
  const save = handleSubmit(async (typed: BuildForm) => {
    setProblem(null);
    try {
      const result = await saveBuildAction({ id: null, version: 0 }, { ...typed, design: document });
      if (result.ok) {
        setOpen(false);
        onSaved(result.id);
        return;
      }
      setProblem(result.fields?.design ?? result.message);
      for (const [name, message] of Object.entries(result.fields ?? {}))
        setError(name as FieldPath<BuildForm>, { type: 'server', message });
    } catch {
      setProblem(LOST);
    }
  });
  const fields = control as unknown as Control<BuildForm>;
  return (
    <>
      <Button color="secondary" size="small" onClick={() => setOpen(true)}>{say`Save as a build…`}</Button>
      <Dialog open={open} onClose={() => setOpen(false)} fullWidth maxWidth="xs" aria-labelledby="save-build">
        <Box component="form" noValidate onSubmit={save}>
          <DialogTitle id="save-build">{say`Save as a build`}</DialogTitle>
          <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
            <Box>{say`Other orders can begin from it. This order stays as it is, whatever becomes of the build.`}</Box>
            {problem && <Alert severity="error">{problem}</Alert>}
            <BuildNameFields control={fields} />
            <ChosenSizes control={fields} moulds={moulds} design={design} />
          </DialogContent>
          <DialogActions>
            <Button color="secondary" onClick={() => setOpen(false)}>{say`Cancel`}</Button>
            <Button type="submit" variant="contained" disabled={formState.isSubmitting}>{say`Save the build`}</Button>
          </DialogActions>
        </Box>
      </Dialog>
    </>
  );
}
