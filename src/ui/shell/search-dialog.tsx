'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import { useRouter } from 'next/navigation';
import { useId, useMemo, useState } from 'react';
import type { Found } from '@/server/search/search';
import { AskingProvider } from '../asking/asking-provider';
import { NotAnsweredNote } from '../asking/not-answered';
import { EVERYTHING_TO_FIND } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { finder, type Hit } from '@/finding/finder';
import { useInKitchen } from '../kitchens/in-kitchen';

/** Shown of each group, so that one group does not push the others out of sight. */
const SHOWN = 6;

/** Where one types what to find. */
export function SearchDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog
      open={open}
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      slotProps={{
        paper: {
          'aria-label': say`Find anything`,
          sx: { bgcolor: 'var(--zl-paper)', border: '2px solid var(--zl-ink)', alignSelf: 'flex-start', mt: 8 },
        },
      }}
    >
      {/* Not every page that can be searched from asks anything else. */}
      <AskingProvider>{open && <Palette onClose={onClose} />}</AskingProvider>
    </Dialog>
  );
}

function Palette({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const within = useInKitchen();
  const list = useId();
  const [words, setWords] = useState('');
  const [at, setAt] = useState(0);
  const asked = useAsked(EVERYTHING_TO_FIND);
  const find = useMemo(
    () => finder(asked.answer ?? [], (f) => ({ name: f.label, more: `${f.detail} ${f.words}` })),
    [asked.answer],
  );
  const found = useMemo(() => grouped(find(words)), [find, words]);
  const go = (to: Found | undefined) => {
    if (!to) return;
    onClose();
    router.push(to.outside ? to.href : within(to.href));
  };
  return (
    <Box sx={{ p: 1.5 }}>
      <Box
        component="input"
        autoFocus
        role="combobox"
        aria-expanded
        aria-controls={list}
        aria-activedescendant={found[at] ? `${list}-${at}` : undefined}
        aria-label={say`Orders, formulas, people, ingredients, commands`}
        placeholder={say`Orders, formulas, people, ingredients, commands`}
        value={words}
        onChange={(e: React.ChangeEvent<HTMLInputElement>) => {
          setWords(e.target.value);
          setAt(0);
        }}
        onKeyDown={(e: React.KeyboardEvent) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault();
            setAt((i) => Math.max(0, Math.min(found.length - 1, i + (e.key === 'ArrowDown' ? 1 : -1))));
          }
          if (e.key === 'Enter') go(found[at]);
        }}
        sx={{
          width: '100%',
          boxSizing: 'border-box',
          font: 'inherit',
          fontSize: 19,
          p: 1.25,
          color: 'inherit',
          bgcolor: 'var(--zl-card)',
          border: '2px solid var(--zl-muted)',
          borderRadius: 1.5,
        }}
      />
      <NotAnsweredNote asked={asked} what={say`Nothing can be found now`} />
      <Box id={list} role="listbox" aria-label={say`Found`} sx={{ mt: 1, maxHeight: '55vh', overflowY: 'auto' }}>
        {found.map((f, i) => (
          <Box key={`${f.group} ${f.href}`}>
            {found[i - 1]?.group !== f.group && (
              <Box sx={{ fontSize: 12.5, fontWeight: 700, color: 'var(--zl-muted)', mt: 1 }}>{f.group}</Box>
            )}
            <Box
              id={`${list}-${i}`}
              role="option"
              aria-selected={i === at}
              onClick={() => go(f)}
              onMouseMove={() => setAt(i)}
              sx={{
                display: 'flex',
                gap: 2,
                px: 1,
                py: 0.9,
                borderRadius: 1,
                cursor: 'pointer',
                bgcolor: i === at ? 'var(--zl-zest)' : 'transparent',
                color: i === at ? 'var(--zl-onZest)' : 'inherit',
              }}
            >
              <Box sx={{ flex: 1, fontWeight: 600 }}>{f.label}</Box>
              <Box sx={{ fontSize: 14, opacity: 0.85 }}>{f.detail}</Box>
            </Box>
          </Box>
        ))}
        {!asked.answer && asked.problem === null && <Box sx={{ p: 1 }}>{say`Looking…`}</Box>}
        {asked.answer && found.length === 0 && <Box sx={{ p: 1 }}>{say`Nothing has all these words.`}</Box>}
      </Box>
    </Box>
  );
}

/** Nearest group first, a few of each. */
function grouped(hits: Hit<Found>[]): Found[] {
  const groups = [...new Set(hits.map((h) => h.item.group))];
  return groups.flatMap((g) => hits.flatMap((h) => (h.item.group === g ? [h.item] : [])).slice(0, SHOWN));
}
