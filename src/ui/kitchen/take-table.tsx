'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { counted } from '@/core/measure/counted';
import type { LineReport } from '@/server/tables/report';
import type { TableName } from '@/server/tables/tables';
import { lookIntoTableAction, takeTableAction } from '../actions';
import { showAgain } from '../parts/show-again';

const LOST = say`The server did not answer. What you brought is still here: try again.`;

const WORDS: Record<LineReport['is'], string> = {
  new: say`new`,
  changed: say`changed`,
  same: say`as it is here`,
  'left out': say`left out`,
  wrong: say`cannot be read`,
};

interface TakeTableProps {
  table: TableName;
  /** What is to be brought in; null while there is nothing. */
  text: string | null;
  onTaken: () => void;
  /** Leaves it as it was. */
  onLeft?: () => void;
}

/** Looks into lines of a table, says what comes of each, and takes them once somebody has seen it. */
export function TakeTable({ table, text, onTaken, onLeft }: TakeTableProps) {
  const router = useRouter();
  /** What was looked into, and what came of it. */
  const [looked, setLooked] = useState<{ text: string; lines: LineReport[] } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [moves, setMoves] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const lines = looked?.text === text ? looked?.lines : undefined;
  const look = () =>
    start(async () => {
      setProblem(null);
      setMoves(null);
      setDone(null);
      try {
        const answer = await lookIntoTableAction(table, text!);
        if (answer.ok) setLooked({ text: text!, lines: answer.lines });
        else setProblem(answer.message);
      } catch {
        setProblem(LOST);
      }
    });
  const take = (sure?: true) =>
    start(async () => {
      setProblem(null);
      setMoves(null);
      try {
        const answer = await takeTableAction(table, text!, sure);
        if (answer.ok) {
          setDone(say`${counted(answer.taken, 'line')} taken.`);
          setLooked(null);
          onTaken();
          showAgain(router);
        } else if (answer.asks === 'sure') setMoves(answer.message);
        else
          setProblem(
            [answer.message, ...Object.entries(answer.fields ?? {}).map(([l, m]) => say`Line ${l}: ${m}`)].join(' '),
          );
      } catch {
        setProblem(LOST);
      }
    });
  const wrong = lines?.filter((l) => l.is === 'wrong').length ?? 0;
  const fresh = lines?.filter((l) => l.is === 'new' || l.is === 'changed').length ?? 0;
  return (
    <Box sx={{ mt: 1.5, display: 'grid', gap: 1.5, justifyItems: 'start' }}>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="outlined" color="secondary" disabled={busy || text === null} onClick={look}>
          {busy ? say`Looking…` : say`See what comes of it`}
        </Button>
        {onLeft && (
          <Button color="secondary" disabled={busy} onClick={onLeft}>
            {say`Leave it as it was`}
          </Button>
        )}
      </Box>
      {problem && <Alert severity="error">{problem}</Alert>}
      {done && <Alert severity="success">{done}</Alert>}
      {lines && (
        <>
          <p style={{ margin: 0 }} role="status">
            {wrong > 0
              ? say`${counted(wrong, 'line')} cannot be read: mend it above, then look again. Nothing is taken until every line can be.`
              : say`${counted(fresh, 'line')} to be taken of ${lines.length}.`}
          </p>
          <ul className="zl-line-report">
            {lines.map((l) => (
              <li key={l.line} data-is={l.is}>
                <span>{say`Line ${l.line}`}</span>
                <b>{l.name}</b>
                <span>
                  {WORDS[l.is]}
                  {l.detail && `: ${l.detail}`}
                </span>
              </li>
            ))}
          </ul>
          {wrong === 0 && fresh > 0 && moves === null && (
            <Button variant="contained" disabled={busy} onClick={() => take()}>
              {say`Take ${counted(fresh, 'line')}`}
            </Button>
          )}
        </>
      )}
      {moves && (
        <Alert
          severity="warning"
          action={
            <Button color="inherit" disabled={busy} onClick={() => take(true)}>
              {say`Take it all the same`}
            </Button>
          }
        >
          {moves}
        </Alert>
      )}
    </Box>
  );
}
