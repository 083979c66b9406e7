'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import type { BackupView } from '@/server/kitchen/backups';
import { useInKitchen } from '../kitchens/in-kitchen';
import { useKitchen } from '../kitchens/kitchen-provider';
import { Page } from '../parts/page';
import { BringIn } from './bring-in';

const PARTS = [
  { key: 'kitchen', name: say`People, ovens, tins, places, figures` },
  { key: 'library', name: say`Ingredients, formulas, cakes` },
  { key: 'orders', name: say`Orders, what was told, plans` },
];

/** A kitchen taken out in one file of an open format, and brought in again, whole or in parts. */
export function FileSection({ backup }: { backup: BackupView }) {
  const within = useInKitchen();
  const kitchen = useKitchen();
  const [parts, setParts] = useState(PARTS.map((p) => p.key));
  const href = (as: string) => within(`/api/kitchen-file?as=${as}&parts=${parts.join(',')}`);
  return (
    <Page
      title={say`Kitchen file`}
      detail={say`Everything that is yours in one file: to keep safe, to take elsewhere, or to give a formula away. It is plain JSON, described in the documents of the program.`}
    >
      <Box sx={{ mb: 2, color: backup.old ? 'var(--zl-tightText)' : 'inherit' }}>
        <span aria-hidden>{backup.old ? '▲' : '●'}</span> {backup.text}
      </Box>
      {backup.trouble && (
        <Box role="alert" sx={{ mb: 2, color: 'var(--zl-missesText)' }}>
          <span aria-hidden>■</span> {backup.trouble}{' '}
          {say`It is tried again every half hour; until then, take the file out below and keep it elsewhere.`}
        </Box>
      )}
      <Box component="section" aria-label={say`Take out`} sx={{ mb: 4 }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Take out`}</Box>
        <Box sx={{ display: 'grid', mb: 1 }}>
          {PARTS.map((p) => (
            <FormControlLabel
              key={p.key}
              label={p.name}
              control={
                <Checkbox
                  checked={parts.includes(p.key)}
                  onChange={(_, on) =>
                    setParts(PARTS.map((x) => x.key).filter((k) => (k === p.key ? on : parts.includes(k))))
                  }
                />
              }
            />
          ))}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" component="a" href={href('zip')} disabled={parts.length === 0} download>
            {parts.length === PARTS.length ? say`Back up this kitchen` : say`Take these out`}
          </Button>
          <Button
            variant="outlined"
            color="secondary"
            component="a"
            href={href('json')}
            disabled={parts.length === 0}
            download
          >
            {say`as plain JSON`}
          </Button>
        </Box>
      </Box>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Bring in`}</Box>
      <BringIn into={kitchen?.id ?? null} />
    </Page>
  );
}
