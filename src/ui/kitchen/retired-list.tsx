'use client';

import { say } from '@/core/words/say';
import { KitchenLink } from '../kitchens/kitchen-link';

/** What is out of use: it is kept in the record, and comes back from its own page. */
export function RetiredList({
  entries,
  place,
}: {
  entries: readonly { id: string; name: string; retiredAt: Date | null }[];
  place: string;
}) {
  const retired = entries.filter((e) => e.retiredAt !== null);
  if (retired.length === 0) return null;
  return (
    <details style={{ marginTop: 20 }}>
      <summary>{say`Out of use: ${retired.length}`}</summary>
      <ul>
        {retired.map((e) => (
          <li key={e.id}>
            <KitchenLink href={`${place}/${e.id}`}>{e.name}</KitchenLink>
          </li>
        ))}
      </ul>
    </details>
  );
}
