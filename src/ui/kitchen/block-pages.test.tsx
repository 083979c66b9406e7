/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { blocks } from '@/core/compose/testing/two-tiers';
import type { KitchenSections, ShownBlock } from '@/server/kitchen/kitchen-sections';
import { asked, inPage, sent, serverAnswers } from '../testing/in-page';

const push = jest.fn();
jest.unstable_mockModule('next/navigation', () => ({
  useRouter: () => ({ push, refresh: jest.fn() }),
  usePathname: () => '/k/demo/kitchen/work',
  useSearchParams: () => new URLSearchParams(),
}));
const { BlockPage, BlocksSection } = await import('./block-pages');

const drip: ShownBlock = { block: blocks.get('drip')!, is: 'shipped', version: 0, retiredAt: null, touches: 3 };
const own = { ...drip, block: { ...drip.block, id: 'caramel-drip', name: 'Caramel drip' }, is: 'own' as const };
const view = { blocks: [drip, { ...own, version: 2 }], items: [], skills: ['coat'] } as unknown as KitchenSections;
const save = '/api/do/save-block';
const typed = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });

describe('the page of work on cakes', () => {
  it('lists what ships and what is the kitchen’s own', () => {
    inPage(<BlocksSection view={view} />);
    expect(screen.getByRole('link', { name: /^Drip/ })).toBeTruthy();
    expect(screen.getByRole('link', { name: /Caramel drip.*your own/s })).toBeTruthy();
  });

  it('says beside the field what is wrong, keeps what was typed, and sends it whole', async () => {
    const { hand } = inPage(<BlockPage view={view} id="drip" like={null} />);
    expect(screen.getByText(/As it ships\..*3 open orders have it\./)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Take out of use' })).toBeNull();
    await hand.clear(typed('likely'));
    await hand.type(typed('likely'), '1');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('Likely: not below the shortest.')).toBeTruthy();
    expect(asked).toEqual([]);
    await hand.clear(typed('likely'));
    await hand.type(typed('likely'), '11');
    serverAnswers({ [save]: { ok: true, id: 'drip', version: 1 } });
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(push).toHaveBeenCalledWith('/kitchen/work'));
    expect(sent.at(-1)).toMatchObject({ id: 'drip', version: 0, like: 'drip', stages: [{ likely: 11 }] });
  });

  it('begins new work like another, with no name yet, and adds a stage to it', async () => {
    const { hand } = inPage(<BlockPage view={view} id={null} like="drip" />);
    expect(typed('Name').value).toBe('');
    await hand.click(typed('Name'));
    await hand.paste('Honey drip');
    await hand.click(screen.getByRole('button', { name: 'Add a stage' }));
    const stages = screen.getAllByRole('region', { name: /^Stage/ });
    expect(stages).toHaveLength(2);
    expect(screen.getByRole('region', { name: 'Between the two' })).toBeTruthy();
    await hand.click(screen.getAllByRole('textbox', { name: 'On the rung' })[1]!);
    await hand.paste('Wipe the board');
    serverAnswers({ [save]: { ok: false, message: 'Look.', fields: { name: 'There is one of this name already.' } } });
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('There is one of this name already.')).toBeTruthy();
    expect(typed('Name').value).toBe('Honey drip');
    expect(sent.at(-1)).toMatchObject({ id: null, like: 'drip', name: 'Honey drip' });
  });
});

it('work gets a second way: how it stands between is said for each, and on which of them it thaws', async () => {
  const ring: ShownBlock = { ...drip, block: blocks.get('build-in-a-ring')!, touches: 0 };
  const { hand } = inPage(<BlockPage view={{ ...view, blocks: [ring] } as never} id="build-in-a-ring" like={null} />);
  expect(screen.getAllByRole('textbox', { name: /^Way / })).toHaveLength(2);
  expect(screen.getAllByRole('region', { name: /^Between the two: / })).toHaveLength(2);
  await hand.click(screen.getByRole('button', { name: 'One way more' }));
  await hand.click(typed('Way 3'));
  await hand.paste('In the blast chiller');
  expect(screen.getByRole('region', { name: 'Between the two: In the blast chiller' })).toBeTruthy();
  serverAnswers({ [save]: { ok: true, id: 'build-in-a-ring', version: 1 } });
  await hand.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(sent.at(-1)).toMatchObject({ like: 'build-in-a-ring' }));
  const { ways, stages } = sent.at(-1) as { ways: { key: string }[]; stages: { waits: { choice: string }[] }[] };
  expect(ways).toHaveLength(3);
  expect(stages[1]!.waits.map((w) => w.choice)).toEqual(ways.map((w) => w.key));
  // Down to one way is none: nothing is said of ways any more.
  await hand.click(screen.getByRole('button', { name: 'Take out: way 3' }));
  await hand.click(screen.getByRole('button', { name: 'Take out: way 1' }));
  expect(screen.queryByRole('textbox', { name: /^Way / })).toBeNull();
  expect(screen.getByRole('region', { name: 'Between the two' })).toBeTruthy();
});
