'use client';

import Box from '@mui/material/Box';
import type { PutOn } from '@/core/compose/put-on';
import { counted } from '@/core/measure/counted';
import { say } from '@/core/words/say';
import { AddWork } from './add-work';
import { TierOnTop } from './tier-on-top';
import { Act, Acts, Head, type On } from './touched-parts';

/** The free space above a cake or around its foot: what lies there, and what more can go there. */
export function TouchedSpace({ place, design, sums, kitchen, avoid, agreeBy, change, onChoose }: On<'space'>) {
  const foot = place.where === 'foot';
  // What lies on several tiers is one thing.
  const lying = new Map<string, Pick<PutOn, 'place' | 'role' | 'as' | 'count'>>();
  for (const put of sums.pieces.flatMap((p) => p.put)) {
    if (put.where === 'side' || (put.where === 'foot') !== foot) continue;
    const key = JSON.stringify(put.place);
    lying.set(key, { ...put, count: put.count + (lying.get(key)?.count ?? 0) });
  }
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Head where={say`The cake`} what={foot ? say`Around the foot` : say`On top`} />
      {lying.size > 0 ? (
        <Acts>
          {[...lying].map(([key, put]) => (
            <Act key={key} onClick={() => onChoose(put.place)}>
              {sums.parts.find((p) => p.role === put.role)?.label ?? put.role}
              {put.as === 'items' && say`, ${counted(put.count, 'piece')}`}
            </Act>
          ))}
        </Acts>
      ) : (
        <Box sx={{ color: 'var(--zl-muted)' }}>{say`Nothing lies here yet.`}</Box>
      )}
      {!foot && <TierOnTop design={design} kitchen={kitchen} change={change} />}
      <AddWork
        design={design}
        kitchen={kitchen}
        avoid={avoid}
        agreeBy={agreeBy}
        change={change}
        into={place.where}
        onAdded={(block, take) => onChoose({ on: 'block', block, take })}
      />
    </Box>
  );
}
