'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useRef, useState, useTransition } from 'react';
import { kitchenPath } from '@/addresses';
import type { FileContents } from '@/server/kitchen/kitchen-file';
import { showAgain } from '../parts/show-again';
import { sendKitchenFile, type FileAnswer } from './send-file';

const LOST = say`The server did not answer. Nothing was taken: try again.`;

/** What each section of a file is called. */
const NAMES: Record<string, string> = {
  people: say`people`,
  items: say`ovens, machines, tins, places`,
  ingredients: say`ingredients`,
  suppliers: say`suppliers`,
  standingWork: say`standing work`,
  blocks: say`kinds of work on a cake`,
  formulas: say`formulas`,
  builds: say`cakes`,
  orders: say`orders`,
  batches: say`shared batches`,
  events: say`things that were told`,
  work: say`cakes under way`,
  plans: say`plans`,
  ticks: say`ticks of pull lists`,
  probeSeries: say`probe readings`,
};

/** A kitchen file is chosen, looked into, and taken: as a kitchen of its own, or into the one that is open. */
export function BringIn({ into }: { into: string | null }) {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const [anchor, setAnchor] = useState('');
  const [found, setFound] = useState<FileContents | null>(null);
  const [problem, setProblem] = useState<{ text: string; fields: Record<string, string> } | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const run = (ask: () => Promise<FileAnswer>, then: (answer: Extract<FileAnswer, { ok: true }>) => void) =>
    start(async () => {
      setProblem(null);
      setDone(null);
      try {
        const answer = await ask();
        if (answer.ok) then(answer);
        else setProblem({ text: answer.message, fields: answer.fields ?? {} });
      } catch {
        setProblem({ text: LOST, fields: {} });
      }
    });
  const day = anchor === '' ? undefined : anchor;
  const look = (chosen: File) => {
    setFile(chosen);
    setFound(null);
    run(
      () => sendKitchenFile(chosen, { do: 'look', into: into ?? undefined }),
      ({ found: inside }) => setFound(inside ?? null),
    );
  };
  const make = () =>
    run(
      () => sendKitchenFile(file!, { do: 'make', anchor: day }),
      ({ kitchen }) => {
        if (kitchen) router.push(kitchenPath(kitchen, '/kitchen'));
      },
    );
  const take = (sections: string[], replace: string[]) =>
    run(
      () => sendKitchenFile(file!, { do: 'take', into: into ?? undefined, anchor: day, sections, replace }),
      ({ taken }) => {
        setDone(say`${taken ?? 0} taken.`);
        setFound(null);
        showAgain(router);
      },
    );
  return (
    <Box component="section" aria-label={say`Bring in`} sx={{ display: 'grid', gap: 1.5, justifyItems: 'start' }}>
      <Button variant="outlined" color="secondary" disabled={busy} onClick={() => input.current?.click()}>
        {busy ? say`Looking into it…` : say`Choose a kitchen file`}
      </Button>
      <input
        ref={input}
        type="file"
        accept=".zip,.json"
        hidden
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          if (chosen) look(chosen);
          e.target.value = '';
        }}
      />
      {problem && (
        <Alert severity="error">
          {problem.text}
          <ul style={{ margin: '4px 0 0', paddingLeft: 18 }}>
            {Object.entries(problem.fields).map(([path, message]) => (
              <li key={path}>
                <code>{path}</code>: {message}
              </li>
            ))}
          </ul>
        </Alert>
      )}
      {done && <Alert severity="success">{done}</Alert>}
      {found && file && (
        <>
          <Box>
            <b>{found.name ?? file.name}</b>:{' '}
            {Object.entries(found.counts)
              .map(([section, n]) => `${n} ${NAMES[section] ?? section}`)
              .join(', ')}
          </Box>
          {found.anchor && (
            <TextField
              type="date"
              label={say`Its times count from`}
              value={anchor || found.anchor}
              onChange={(e) => setAnchor(e.target.value)}
              sx={{ width: 200 }}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          )}
          {found.name && (
            <Button variant="contained" disabled={busy} onClick={make}>
              {say`Make it a kitchen of its own`}
            </Button>
          )}
          {found.records && <TakeParts records={found.records} busy={busy} onTake={take} />}
        </>
      )}
    </Box>
  );
}

/** What of a file comes into the open kitchen: by section, and record by record where another is here already. */
function TakeParts({
  records,
  busy,
  onTake,
}: {
  records: NonNullable<FileContents['records']>;
  busy: boolean;
  onTake: (sections: string[], replace: string[]) => void;
}) {
  const sections = [...new Set(records.map((r) => r.section))].filter((s) => s !== 'batches');
  const [chosen, setChosen] = useState<string[]>([]);
  const [replace, setReplace] = useState<string[]>([]);
  const toggle = (list: string[], key: string, on: boolean) => (on ? [...list, key] : list.filter((x) => x !== key));
  const of = (section: string, is: string) => records.filter((r) => r.section === section && r.is === is);
  return (
    <Box component="section" aria-label={say`Into this kitchen`} sx={{ width: '100%', maxWidth: 720 }}>
      <Box component="h3" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>{say`Or take parts into this kitchen`}</Box>
      {sections.map((s) => {
        const clashing = of(s, 'clash').length;
        const [fresh, same, changed] = [of(s, 'new').length + clashing, of(s, 'same').length, of(s, 'changed')];
        return (
          <Box key={s} sx={{ borderTop: '1px solid var(--zl-line)', py: 0.5 }}>
            <FormControlLabel
              label={say`${NAMES[s] ?? s}: ${fresh} new, ${changed.length} different here, ${same} the same`}
              control={
                <Checkbox
                  checked={chosen.includes(s)}
                  disabled={fresh + (s === 'orders' ? 0 : changed.length) === 0}
                  onChange={(_, on) => setChosen(toggle(chosen, s, on))}
                />
              }
            />
            {chosen.includes(s) && s !== 'orders' && changed.length > 0 && (
              <Box sx={{ pl: 4 }}>
                <Box
                  sx={{ color: 'var(--zl-muted)' }}
                >{say`Different here: what is ticked takes the place of yours.`}</Box>
                {changed.map((r) => (
                  <FormControlLabel
                    key={r.id}
                    label={r.name}
                    control={
                      <Checkbox
                        checked={replace.includes(`${s} ${r.id}`)}
                        onChange={(_, on) => setReplace(toggle(replace, `${s} ${r.id}`, on))}
                      />
                    }
                  />
                ))}
              </Box>
            )}
            {chosen.includes(s) && clashing > 0 && (
              <Box sx={{ pl: 4, color: 'var(--zl-muted)' }}>
                {say`${clashing} have numbers that are taken here: they get the next free ones.`}
              </Box>
            )}
          </Box>
        );
      })}
      <Button
        variant="outlined"
        color="secondary"
        disabled={busy || chosen.length === 0}
        onClick={() => onTake(chosen, replace)}
      >
        {say`Take these into this kitchen`}
      </Button>
    </Box>
  );
}
