'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { timeOf } from '@/core/time/clock';
import type { PullListView } from '@/server/pull-list/pull-list';
import { useReading } from '../parts/reading';
import { Heading, Muted } from './list-parts';

export function Eggs({ view }: { view: PullListView }) {
  const { eggs } = view.list;
  const { grams } = useReading();
  // All of it is wanted after the days of this list: never without its day.
  const time = (m: number) => timeOf(m, view.clock).toFormat('ccc HH:mm');
  if (eggs.crack === 0) return null;
  return (
    <Box component="section" aria-label={say`Egg ledger`} sx={{ mb: 3 }}>
      <Heading>{say`Egg ledger`}</Heading>
      <Box sx={{ fontSize: 20, fontWeight: 700 }}>
        {say`Crack`} {eggs.crack} {say`eggs`}{' '}
        <Box component="span" sx={{ fontSize: 14, fontWeight: 400, color: 'var(--zl-muted)' }}>
          {say`of`} {eggs.eggWeight} g
        </Box>
      </Box>
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          '& td, & th': { py: 0.4, borderBottom: '1px solid var(--zl-line)', textAlign: 'right' },
          '& th:first-of-type': { textAlign: 'left' },
        }}
      >
        <thead>
          <tr>
            <th>
              <span className="zl-only-heard">{say`what`}</span>
            </th>
            <th>{say`wanted`}</th>
            <th>{say`over`}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th>{say`beaten`}</th>
            <td>{grams(eggs.whole)}</td>
            <td>–</td>
          </tr>
          <tr>
            <th>{say`whites`}</th>
            <td>{grams(eggs.whites)}</td>
            <td>{grams(Math.max(0, eggs.left.whites))}</td>
          </tr>
          <tr>
            <th>{say`yolks`}</th>
            <td>{grams(eggs.yolks)}</td>
            <td>{grams(Math.max(0, eggs.left.yolks))}</td>
          </tr>
        </tbody>
      </Box>
      {eggs.canUse.slice(0, 4).map((u) => (
        <Muted key={`${u.part} ${u.by}`}>
          {u.part === 'white' ? say`Whites` : say`Yolks`}: {grams(u.grams)} {say`wanted`} {time(u.at)} {say`for`} {u.by}
        </Muted>
      ))}
      <Muted>{say`Whites keep 3 days cold, yolks 2, covered and dated; the local rule comes first.`}</Muted>
    </Box>
  );
}
