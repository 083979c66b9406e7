'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Sums } from '@/core/compose/sums';
import { counted } from '@/core/measure/counted';
import { durationText } from '@/core/time/duration-text';
import { say, terms } from '@/core/words/say';
import { statusSentence, TONE_SHAPES, toneOf } from '../parts/status';
import type { Answered } from './use-answer';
import type { Reckoned } from './use-sums';

const TAKES = { order: say`Take the order`, enquiry: say`Hold its place`, change: say`Save the change` };

interface AnswerFootProps {
  answered: Answered;
  reckoned: Reckoned;
  /** What is missing before the server can be asked. */
  missing: string | null;
  /** Makes the cake large enough for its portions; null where it is. */
  larger: (() => void) | null;
  /** What is taken: a new order, an enquiry, or a change. */
  takes: keyof typeof TAKES;
  saving: boolean;
  /** It is collected then. */
  onPickup: (pickup: string) => void;
  /** `more`: another cake is composed next, in the same order. */
  onSave: (more: boolean) => void;
}

/** The answer, always in sight: can it be ready, what it costs the others, what it comes to. */
export function AnswerFoot({ answered, reckoned, missing, larger, takes, saving, onPickup, onSave }: AnswerFootProps) {
  const { answer, refused, asking } = answered;
  const { sums, problems } = reckoned;
  // Nobody takes an order by the answer to another one.
  const waits = saving || asking || problems.length > 0 || missing !== null;
  return (
    <Box className="zl-compose-foot">
      <Box role="status" sx={{ flex: '1 1 0', minWidth: 0 }}>
        <Box sx={{ fontSize: 18 }}>
          {problems.length > 0 ? (
            <b style={{ color: 'var(--zl-missesText)' }}>■ {problems[0]!.message}</b>
          ) : missing ? (
            <span style={{ color: 'var(--zl-muted)' }}>{missing}</span>
          ) : refused ? (
            <b style={{ color: 'var(--zl-missesText)' }}>■ {Object.values(refused.fields)[0] ?? refused.message}</b>
          ) : answer ? (
            <>
              <span aria-hidden style={{ color: `var(--zl-${toneOf(answer.status)}Text)` }}>
                {TONE_SHAPES[toneOf(answer.status)]}{' '}
              </span>
              <b style={{ color: `var(--zl-${toneOf(answer.status)}Text)` }}>{statusSentence(answer.status)}</b>
              <span style={{ fontSize: 15 }}>
                {' '}
                {answer.pushed.length === 0
                  ? say`Nobody else’s pickup suffers.`
                  : say`It would make ${answer.pushed.join(', ')} late.`}
                {answer.firstHands && say` First hands ${answer.firstHands}.`}
                {answer.contacts.length > 0 &&
                  ` ${say`▲ What they must not get comes near it ${counted(answer.contacts.length, 'time')}: see the whole cake.`}`}
                {answer.notInTime.length > 0 && ` ${answer.notInTime.join(' ')}`}
                {asking && <span style={{ color: 'var(--zl-muted)' }}> {say`Asking anew…`}</span>}
              </span>
            </>
          ) : (
            <span style={{ color: 'var(--zl-muted)' }}>{say`Asking…`}</span>
          )}
        </Box>
        {sums && !missing && (
          <Box className="zl-compose-sums" sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
            {sumsLine(sums, answer?.cost ?? null)}
          </Box>
        )}
      </Box>
      {answer?.earliest && !missing && problems.length === 0 && (
        <Button
          color="secondary"
          variant="outlined"
          onClick={() => onPickup(answer.earliest!.value)}
          sx={{ flex: 'none', maxWidth: 190 }}
        >
          {say`Earliest: ${answer.earliest.text}`}
        </Button>
      )}
      {larger && (
        <Button color="secondary" variant="outlined" onClick={larger} sx={{ flex: 'none' }}>
          {say`Make it large enough`}
        </Button>
      )}
      <Box className="zl-compose-acts">
        <Button variant="contained" size="large" disabled={waits} onClick={() => onSave(false)}>
          {saving ? say`Planning…` : TAKES[takes]}
        </Button>
        {takes !== 'change' && (
          <Button
            color="secondary"
            size="small"
            disabled={waits}
            onClick={() => onSave(true)}
          >{say`and another cake`}</Button>
        )}
      </Box>
    </Box>
  );
}

export function sumsLine(sums: Sums, cost: string | null): string {
  const { finger, party, dessert } = sums.portions;
  const tins = sums.tins.map((t) => `${t.tins} × ${t.name}`).join(', ');
  return [
    say`${counted(party, 'party portion')}, ${finger} small, ${dessert} dessert`,
    say`${Math.round(sums.height / 10)} cm high`,
    say`${(sums.grams / 1000).toFixed(1)} kg`,
    say`${durationText(sums.hands)} of hands`,
    say`at least ${durationText(sums.least)} from start to pickup`,
    ...(tins ? [say`tins: ${tins}`] : []),
    ...(sums.allergens.length > 0 ? [say`contains ${terms(sums.allergens.map((a) => a.allergen))}`] : []),
    ...(cost ? [cost] : []),
  ].join(' · ');
}
