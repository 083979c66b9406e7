'use client';

import NextLink from 'next/link';
import type { ComponentProps } from 'react';
import { Going } from './going';
import { useInKitchen } from './in-kitchen';

type Props = Omit<ComponentProps<typeof NextLink>, 'href'> & { href: string };

/**
 * A link to a place in the kitchen one is in, by the place’s own address: `/orders/3`. No page is asked for before it is wanted: what is live would
 * have to ask for them all again at each change, and whoever waits for a plan would wait for them as well.
 */
export function KitchenLink({ href, children, ...more }: Props) {
  return (
    <NextLink href={useInKitchen()(href)} prefetch={false} {...more}>
      {children}
      <Going />
    </NextLink>
  );
}
