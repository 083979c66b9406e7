'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { say } from '@/core/words/say';
import { addPictureAction } from '../actions';
import { useInKitchen } from '../kitchens/in-kitchen';
import { PICTURE_TYPES, scaledPicture } from './scaled-picture';

const MOST = 12;

/** Pictures that the customer brought: scaled down here, sent at once, and kept by the order when it is taken. */
export function Pictures({ ids, onChange }: { ids: readonly number[]; onChange: (ids: number[]) => void }) {
  const within = useInKitchen();
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const add = async (files: File[]) => {
    setBusy(true);
    setProblem(null);
    const added: number[] = [];
    for (const file of files.slice(0, MOST - ids.length)) {
      const scaled = await scaledPicture(file);
      const sent = scaled.ok
        ? await addPictureAction(scaled.picture).catch(() => ({
            ok: false as const,
            message: say`The server did not answer.`,
          }))
        : scaled;
      if (sent.ok) added.push(sent.id);
      else setProblem(sent.message);
    }
    setBusy(false);
    if (files.length > MOST - ids.length) setProblem(say`At most 12 pictures.`);
    if (added.length > 0) onChange([...ids, ...added]);
  };
  return (
    <Box>
      <Box sx={{ color: 'var(--zl-muted)', fontSize: 14, mb: 0.5 }}>{say`Pictures`}</Box>
      <ul className="zl-pictures" aria-label={say`Pictures`}>
        {ids.map((id, i) => (
          <li key={id}>
            {/* eslint-disable-next-line @next/next/no-img-element -- it is the kitchen's own, and scaled down already */}
            <img src={within(`/api/pictures/${id}`)} alt={say`Picture ${i + 1}`} />
            <Button
              size="small"
              color="secondary"
              aria-label={say`Take it out, picture ${i + 1}`}
              onClick={() => onChange(ids.filter((x) => x !== id))}
            >{say`Take it out`}</Button>
          </li>
        ))}
      </ul>
      {ids.length < MOST && (
        <>
          <Button
            size="small"
            color="secondary"
            variant="outlined"
            disabled={busy}
            onClick={() => input.current?.click()}
          >
            {busy ? say`Scaling down…` : say`Add pictures`}
          </Button>
          <input
            ref={input}
            type="file"
            accept={PICTURE_TYPES}
            multiple
            hidden
            onChange={(e) => {
              const files = [...(e.target.files ?? [])];
              e.target.value = '';
              if (files.length > 0) void add(files);
            }}
          />
        </>
      )}
      {problem && (
        <Box role="alert" sx={{ color: 'var(--zl-missesText)', fontSize: 14, mt: 0.5 }}>
          {problem}
        </Box>
      )}
    </Box>
  );
}
