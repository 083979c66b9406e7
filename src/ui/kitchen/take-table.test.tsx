/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import type { TableView } from '@/server/tables/tables';
import { inPage, sent, serverAnswers } from '../testing/in-page';

jest.unstable_mockModule('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/k/demo/kitchen',
  useSearchParams: () => new URLSearchParams(),
}));
const { TablePage } = await import('./table-page');

const view: TableView = {
  name: 'tins',
  columns: [
    { name: 'name', about: 'What it is called.' },
    { name: 'tin', about: 'In plain words.' },
    { name: 'count', about: 'How many.' },
  ],
  rows: [
    { name: 'Large', tin: 'round 28, 7 deep', count: '2' },
    { name: 'Small', tin: 'round 16', count: '6' },
  ],
};
const look = '/api/do/look-into-table';
const take = '/api/do/take-table';
const button = (name: string) => screen.getByRole('button', { name });

it('is edited in its cells: only lines that were typed in go out, and are taken once they were seen', async () => {
  const { hand } = inPage(<TablePage view={view} />);
  // What has just been sent is still being answered for a moment.
  const press = async (name: string) => {
    await waitFor(() => expect((button(name) as HTMLButtonElement).disabled).toBe(false));
    await hand.click(button(name));
  };
  await hand.click(button('Edit in the cells'));
  await hand.clear(screen.getByLabelText('Small, count'));
  await hand.type(screen.getByLabelText('Small, count'), '8');
  serverAnswers({
    [look]: { ok: true, taken: 0, lines: [{ line: 2, name: 'Small', is: 'changed', detail: 'count' }] },
  });
  await hand.click(button('See what comes of it'));
  expect(await screen.findByText('changed: count')).toBeTruthy();
  const text = 'name,tin,count\r\nSmall,round 16,8';
  expect(sent.at(-1)).toMatchObject({ table: 'tins', text });
  serverAnswers({ [take]: { ok: false, asks: 'sure', message: 'With this Harbour choir leaves 20 min later.' } });
  await press('Take 1 line');
  expect(await screen.findByText(/Harbour choir/)).toBeTruthy();
  serverAnswers({ [take]: { ok: true, lines: [], taken: 1 } });
  await press('Take it all the same');
  expect(await screen.findByRole('button', { name: 'Edit in the cells' })).toBeTruthy();
  expect(sent.at(-1)).toMatchObject({ table: 'tins', text, sure: true });
});

it('says what is wrong by its line, takes nothing then, and keeps what was pasted', async () => {
  const { hand } = inPage(<TablePage view={view} />);
  const field = screen.getByRole<HTMLTextAreaElement>('textbox', { name: /Lines of a table/ });
  await hand.click(field);
  await hand.paste('tin,count\nthe blue one,1');
  const detail = 'tin: “blue one” cannot be read.';
  serverAnswers({ [look]: { ok: true, taken: 0, lines: [{ line: 2, name: '', is: 'wrong', detail }] } });
  await hand.click(button('See what comes of it'));
  expect(await screen.findByText(`cannot be read: ${detail}`)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Take/ })).toBeNull();
  expect(field.value).toContain('the blue one');
});
