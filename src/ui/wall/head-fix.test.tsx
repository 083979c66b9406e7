/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import { inPage, serverAnswers } from '../testing/in-page';

jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
const { HeadFix } = await import('./head-fix');

const shown = () =>
  inPage(
    <HeadFix
      headline={{
        ...{ tone: 'misses', text: 'Late', counts: { holds: 0, tight: 0, misses: 1 } },
        fix: { label: 'See what would help', order: 5, help: true },
      }}
      plan={3}
      clock={{ origin: '2027-05-20T00:00:00Z', zone: 'UTC' }}
      minute={600}
      replan={{ busy: false, run: () => undefined, message: null } as never}
    />,
  );

it('help for a late order ends with a word where nothing helps', async () => {
  serverAnswers({ '/api/orders/5/remedies': { remedies: [], blockers: [], alone: true, chain: [] } });
  shown();
  expect(screen.getByText('Trying what would help…')).toBeTruthy();
  expect(await screen.findByText('Nothing that was tried would make it on time.')).toBeTruthy();
  expect(screen.getByText('See what would help')).toBeTruthy();
});
