'use client';

import { say } from '@/core/words/say';
import Button from '@mui/material/Button';
import NextLink from 'next/link';
import { PlainMessage } from '../parts/plain-message';

/** An address of a kitchen that is not here. */
export function NoSuchKitchen() {
  return (
    <PlainMessage title={say`No such kitchen`}>
      <p>{say`There is no kitchen under this address in this database. It may have a slip in it, or be of another server.`}</p>
      <Button variant="contained" component={NextLink} href="/kitchens">{say`The kitchens that are here`}</Button>
    </PlainMessage>
  );
}
