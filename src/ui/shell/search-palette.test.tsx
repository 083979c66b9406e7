/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { inPage, Refusal, serverAnswers } from '../testing/in-page';

const push = jest.fn();
jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => ({ push }) }));
const { SearchPalette } = await import('./search-palette');

const found = [
  { group: 'Orders', label: 'Orchard wedding', detail: 'Sun 13:00', href: '/orders/9', words: 'orchard wedding esme' },
  {
    group: 'Formulas',
    label: 'Quince curd',
    detail: 'Creams',
    href: '/formulas/quince-curd',
    words: 'quince curd egg',
  },
];

const open = async () => {
  const page = inPage(<SearchPalette />);
  await page.hand.keyboard('/');
  return { ...page, field: screen.getByRole('combobox') };
};

beforeEach(() => push.mockClear());

describe('finding by a slash', () => {
  it('goes to what is chosen by keys', async () => {
    serverAnswers({ '/api/search': found });
    const { hand, field } = await open();
    expect(await screen.findAllByRole('option')).toHaveLength(2);
    await hand.type(field, 'curd');
    expect(screen.getAllByRole('option').map((o) => o.textContent)).toEqual(['Quince curdCreams']);
    await hand.keyboard('{Enter}');
    expect(push).toHaveBeenCalledWith('/formulas/quince-curd');
    await waitFor(() => expect(screen.queryByRole('combobox')).toBeNull());
  });

  it('leaves the kitchen for what lies outside of it', async () => {
    serverAnswers({
      '/api/search': [
        { group: 'Do', label: 'Another kitchen', detail: '', href: '/kitchens', outside: true, words: '' },
      ],
    });
    const { hand } = await open();
    await screen.findAllByRole('option');
    await hand.keyboard('{Enter}');
    expect(push).toHaveBeenCalledWith('/kitchens');
  });

  it('says when nothing has all the words', async () => {
    serverAnswers({ '/api/search': found });
    const { hand, field } = await open();
    await screen.findAllByRole('option');
    await hand.type(field, 'quince wedding');
    expect(screen.getByText('Nothing has all these words.')).toBeTruthy();
    await hand.keyboard('{Enter}');
    expect(push).not.toHaveBeenCalled();
  });

  it('says why nothing can be found, and asks again', async () => {
    serverAnswers({ '/api/search': new Refusal('There is no kitchen yet.') });
    const { hand } = await open();
    expect((await screen.findByRole('alert')).textContent).toContain('There is no kitchen yet.');
    serverAnswers({ '/api/search': found });
    await hand.click(screen.getByRole('button', { name: 'Ask again' }));
    expect(await screen.findAllByRole('option')).toHaveLength(2);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
