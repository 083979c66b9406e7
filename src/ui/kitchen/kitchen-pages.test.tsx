/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { KitchenSections, ShownItem } from '@/server/kitchen/kitchen-sections';
import { asked, inPage, serverAnswers } from '../testing/in-page';

const push = jest.fn();
jest.unstable_mockModule('next/navigation', () => ({
  useRouter: () => ({ push, refresh: jest.fn() }),
  usePathname: () => '/k/demo/kitchen',
  useSearchParams: () => new URLSearchParams(),
}));
jest.unstable_mockModule('./kitchen.css', () => ({}));
const { KitchenFrame } = await import('./kitchen-frame');
const { OvenPage } = await import('./item-pages');
const { PasteTins } = await import('./paste-tins');
const { SupplierPage } = await import('./supplier-pages');
const { ShiftStrip } = await import('./shift-strip');
const { TinRow } = await import('./tin-row');

const oven = {
  ...{ id: 'oven-1', name: 'Deck', kind: 'oven', units: 6, closed: [], version: 3, retiredAt: null, touches: 7 },
  oven: { heatRate: null, coolRate: null, fan: false, celsius: 0, minutes: 0, deck: null },
} as ShownItem;
const view = { items: [oven], suppliers: [], ingredients: [], today: '2027-05-20' } as unknown as KitchenSections;
const save = '/api/do/save-oven';
const typed = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });

beforeEach(() => push.mockClear());

describe('the way through a kitchen that is set up', () => {
  const frame = { ...view, setUp: ['people'], counts: {}, lastChange: null, missing: [] } as unknown as KitchenSections;
  const goOn = () => screen.getByRole('button', { name: /^(Go on|On to):/ });
  const sent = () => asked.map((a) => a.split('/').at(-1));

  it('saves what is typed on the page before it goes on, and stays where that cannot be', async () => {
    const { hand } = inPage(
      <KitchenFrame frame={frame}>
        <OvenPage view={view} id="oven-1" />
      </KitchenFrame>,
    );
    serverAnswers({ [save]: { ok: true, id: 'oven-1', version: 4 }, '/api/do/save-set-up': { ok: true } });
    await hand.clear(typed('Slots'));
    await hand.type(typed('Slots'), '0');
    await hand.click(goOn());
    expect(await screen.findByText('From 1.')).toBeTruthy();
    expect(await screen.findByText(/cannot be saved yet: it is marked/)).toBeTruthy();
    expect([sent(), push.mock.calls.length]).toEqual([[], 0]);
    await hand.clear(typed('Slots'));
    await hand.type(typed('Slots'), '8');
    await hand.click(goOn());
    await waitFor(() => expect(push).toHaveBeenCalledTimes(1));
    expect(sent()).toEqual(['save-oven', 'save-set-up']);
    // What is saved is not saved again.
    await hand.click(goOn());
    await waitFor(() => expect(push).toHaveBeenCalledTimes(2));
    expect(sent()).toEqual(['save-oven', 'save-set-up', 'save-set-up']);
  });
});

describe('the page of a thing', () => {
  it('says what it touches, what is wrong beside the field, and keeps what was typed', async () => {
    const { hand } = inPage(<OvenPage view={view} id="oven-1" />);
    expect(screen.getByText('The plan uses it for 7 open orders.')).toBeTruthy();
    await hand.clear(typed('Slots'));
    await hand.type(typed('Slots'), '0');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('From 1.')).toBeTruthy();
    expect(asked).toEqual([]);
    expect(typed('Slots').value).toBe('0');
  });

  it('asks first where pickups move, and saves only when somebody is sure', async () => {
    const { hand } = inPage(<OvenPage view={view} id="oven-1" />);
    const moves = 'With this Harbour choir leaves 20 min later.';
    serverAnswers({ [save]: { ok: false, asks: 'sure', message: moves } });
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(moves)).toBeTruthy();
    expect(push).not.toHaveBeenCalled();
    serverAnswers({ [save]: { ok: true, id: 'oven-1', version: 4 } });
    await hand.click(screen.getByRole('button', { name: 'Save it all the same' }));
    await waitFor(() => expect(push).toHaveBeenCalledWith('/kitchen/ovens'));
  });

  it('shows what only the server knows beside its field', async () => {
    const { hand } = inPage(<OvenPage view={view} id={null} />);
    await hand.type(typed('Name'), 'Deck');
    serverAnswers({
      [save]: {
        ok: false,
        message: 'Some fields need another look.',
        fields: { name: 'There is one of this name already.' },
      },
    });
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('There is one of this name already.')).toBeTruthy();
    expect(typed('Name').value).toBe('Deck');
    // What is not there yet cannot be taken out of use.
    expect(screen.queryByRole('button', { name: 'Take out of use' })).toBeNull();
  });
});

describe('a supplier', () => {
  it('gets deliveries, each of which can be taken out again', async () => {
    const { hand } = inPage(<SupplierPage view={view} id={null} name="Mill" />);
    expect(typed('Name').value).toBe('Mill');
    await hand.click(screen.getByRole('button', { name: 'Add a delivery' }));
    await hand.click(screen.getByRole('button', { name: 'Add a delivery' }));
    await hand.click(screen.getByRole('button', { name: 'Take out: delivery 1' }));
    expect(screen.getAllByRole('button', { name: /^Take out: delivery/ })).toHaveLength(1);
  });
});

describe('tins', () => {
  it('in words that cannot be read are told by their line, and stay as they were typed', async () => {
    const { hand } = inPage(<PasteTins typing={{ length: 'cm', decimal: 'point' }} />);
    const words = screen.getByRole<HTMLTextAreaElement>('textbox', { name: 'Tins in plain words, one a line' });
    await hand.type(words, 'the blue one');
    serverAnswers({
      '/api/do/add-tins': { ok: false, message: 'Some lines cannot be read.', fields: { 1: 'Which?' } },
    });
    await hand.click(screen.getByRole('button', { name: 'Add them' }));
    expect(screen.getByText('“the blue one”').textContent).toContain('cannot be read');
    expect(await screen.findByText('Line 1: Which?')).toBeTruthy();
    expect(words.value).toBe('the blue one');
    serverAnswers({ '/api/do/add-tins': { ok: true, added: 1 } });
    await hand.click(screen.getByRole('button', { name: 'Add them' }));
    await waitFor(() => expect(words.value).toBe(''));
  });

  it('in words are drawn as they were understood, before they are taken', async () => {
    const { hand } = inPage(<PasteTins typing={{ length: 'cm', decimal: 'point' }} />);
    await hand.type(screen.getByRole('textbox'), '6 round 24, 7 deep{enter}frame 30 x 11');
    const drawn = [...screen.getByRole('list', { name: 'What was understood' }).children];
    expect(drawn.map((d) => d.textContent)).toEqual(['Tins, round 24 cm, 7 cm deep6 ×', 'Frames, 30 × 11 cm1 ×']);
    expect(drawn.filter((d) => !d.querySelector('svg'))).toEqual([]);
  });

  it('stand in a row by use and size, all at one scale', () => {
    const tin = (id: string, use: string, diameter: number) =>
      ({
        ...oven,
        id,
        name: id,
        touches: 0,
        mould: { use, form: { form: 'round', diameter } },
      }) as unknown as ShownItem;
    const { container } = inPage(
      <TinRow tins={[tin('ring', 'ring', 180), tin('large', 'tin', 280), tin('small', 'tin', 140)]} />,
    );
    expect([...container.querySelectorAll('b')].map((b) => b.textContent)).toEqual(['small', 'large', 'ring']);
    const widths = [...container.querySelectorAll('svg')].map((svg) => Number(svg.getAttribute('width')));
    expect(widths[1]! / widths[0]!).toBeCloseTo(2, 9);
  });
});

describe('a shift on its strip', () => {
  const shift = { start: '22:00', end: '05:30', breaks: [] };
  it('goes past midnight, and is moved in quarters of an hour', () => {
    const onChange = jest.fn();
    inPage(<ShiftStrip label="Monday" shift={shift} onChange={onChange} />);
    const begins = screen.getByRole('slider', { name: 'Monday: begins' });
    expect(begins.getAttribute('aria-valuetext')).toBe('22:00');
    expect(screen.getByRole('slider', { name: 'Monday: ends' }).getAttribute('aria-valuetext')).toBe('05:30');
    fireEvent.change(begins, { target: { value: '87' } });
    expect(onChange).toHaveBeenCalledWith({ ...shift, start: '21:45' });
  });
  it('never lasts a whole day', () => {
    const onChange = jest.fn();
    inPage(<ShiftStrip label="Monday" shift={shift} onChange={onChange} />);
    fireEvent.change(screen.getByRole('slider', { name: 'Monday: begins' }), { target: { value: '0' } });
    expect(onChange).not.toHaveBeenCalled();
  });
});
