'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useSyncExternalStore } from 'react';
import { Page } from '../parts/page';
import { BringIn } from '../kitchen/bring-in';
import { LoadDemo } from './load-demo';
import { NewKitchen } from './new-kitchen';

const never = () => () => undefined;

/** Set up your kitchen: the first step of the way, and the demo beside it. */
export function Welcome({ first }: { first: boolean }) {
  // The browser knows where it is; until it has been asked, nothing is shown that would change under somebody’s hands.
  const here = useSyncExternalStore(
    never,
    () => `${Intl.DateTimeFormat().resolvedOptions().timeZone} ${navigator.language}`,
    () => '',
  );
  const [zone = '', language = 'en'] = here.split(' ');
  return (
    <Page
      title={say`Set up your kitchen`}
      detail={say`A name first; then its people, ovens, tins and formulas, in short steps. You can stop after each and go on another day.`}
    >
      {here !== '' && <NewKitchen zone={zone} language={language} />}
      {first && (
        <Box
          component="section"
          aria-label={say`The demo`}
          sx={{ mt: 5, pt: 2, borderTop: '1px solid var(--zl-line)', maxWidth: 620 }}
        >
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Or look around first`}</Box>
          <p>{say`The demo kitchen is a made-up bakery with seven people, its formulas and a week of orders on one wall of time: ladders for cakes, rungs for the work of hands, a flag for each pickup. It stands beside your own and changes nothing in it.`}</p>
          <LoadDemo />
          <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 3, mb: 0.5 }}>{say`Or bring a kitchen in`}</Box>
          <BringIn into={null} />
        </Box>
      )}
    </Page>
  );
}
