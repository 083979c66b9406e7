'use client';

import { say } from '@/core/words/say';
import NextLink from 'next/link';
import { PlainMessage } from '../parts/plain-message';

/** An address of a kitchen that is not here. */
export function NoSuchKitchen() {
  return (
    <PlainMessage title={say`No such kitchen`}>
      <p>{say`There is no kitchen under this address in this database. It may have a slip in it, or be of another server.`}</p>
      <NextLink
        href="/kitchens"
        prefetch={false}
        className="zl-button zl-main"
      >{say`The kitchens that are here`}</NextLink>
    </PlainMessage>
  );
}
