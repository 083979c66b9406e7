import { say } from '../words/say';
import { orderForm, type OrderForm } from '../input/order-input';
import { readMould } from '../kitchen/read-mould';
import { formName, type Form } from '../shape/form';
import { flagCell, listCell, RowReader, type Column, type ReadRow, type Row, type TableTyping } from './table';

/** An order as a row tells it. */
export interface ListedOrder {
  id: number;
  title: string;
  customer: string;
  /** Wall-clock time of the kitchen, "2027-05-22T12:00". */
  pickup: string;
  portions: number;
  /** Its name. */
  build: string;
  tiers: readonly Form[];
  inscription: string;
  avoid: readonly string[];
  note: string;
  handedOver: boolean;
}

export const ORDER_COLUMNS: readonly Column[] = [
  { name: 'number', about: say`Given by the kitchen. A line with one is here already and is left as it is.` },
  { name: 'title', about: say`A short name for the wall.` },
  { name: 'customer', about: say`Who it is for.` },
  { name: 'pickup', about: say`By the kitchen’s clock: 2027-05-22 12:00.` },
  { name: 'portions', about: say`How many it must give.` },
  { name: 'build', about: say`The cake, by its name here.` },
  {
    name: 'size',
    about: say`Tiers from the bottom with + between: “round 24 + round 16”; left out, the smallest that is enough.`,
  },
  { name: 'inscription', about: say`Letter for letter.` },
  { name: 'avoid', about: say`Allergens that its eaters must not get, with semicolons between.` },
  { name: 'note', about: say`What must not be forgotten.` },
  { name: 'handed over', about: say`Written out only.` },
];

export const ORDER_EXAMPLES: readonly Row[] = [
  {
    ...{
      number: '',
      title: 'Brandt silver wedding',
      customer: 'Family Brandt',
      pickup: '2027-05-22 12:00',
      portions: '30',
    },
    ...{ build: 'Lemon and raspberry', size: '', inscription: '25', avoid: 'nuts', note: '', 'handed over': '' },
  },
];

export const orderRow = (o: ListedOrder): Row => ({
  ...{ number: String(o.id), title: o.title, customer: o.customer, pickup: o.pickup.replace('T', ' ') },
  ...{ portions: String(o.portions), build: o.build, size: o.tiers.map(formName).join(' + ') },
  ...{ inscription: o.inscription, avoid: listCell(o.avoid), note: o.note, 'handed over': flagCell(o.handedOver) },
});

/** A size without what may be written or left out. */
const bare = (size: string) => size.toLowerCase().replaceAll('×', 'x').replace(/cm|\s/g, '');

/** What a row is read against. */
interface OrderAsked extends TableTyping {
  builds: readonly { id: string; name: string }[];
  /** Forms that a build can be made in here. */
  forms: (build: string) => readonly Form[];
  /** The smallest size of a build that is enough, as the order form names it; null where there is none. */
  smallest: (build: string, portions: number) => string | null;
}

/** A new order out of a row. What the kitchen thinks of it (tins, hours, allergens) is asked afterwards, as of any order. */
export function readOrderRow(row: Row, { builds, forms, smallest, ...typing }: OrderAsked): ReadRow<OrderForm> {
  const reader = new RowReader(row, typing.decimal);
  const portions = reader.number('portions', null, null);
  const named = reader.text('build', '');
  const build = builds.find((b) => b.name.toLowerCase() === named.toLowerCase() || b.id === named);
  if (!build) reader.wrong('build', named === '' ? say`Which cake?` : say`There is no cake “${named}” here.`);
  const pickup = reader.told('pickup', '', (text) => {
    const found = /^(\d{4}-\d{2}-\d{2})[ T](\d{1,2}):(\d{2})$/.exec(text);
    if (!found) return { ok: false, message: say`Write it as 2027-05-22 12:00.` };
    return { ok: true, value: `${found[1]}T${found[2]!.padStart(2, '0')}:${found[3]}` };
  });
  const size = reader.told('size', '', (text) => {
    const tiers: Form[] = [];
    const here = build ? forms(build.id) : [];
    for (const tier of text.split('+').filter((t) => t.trim() !== '')) {
      const named = here.find((f) => bare(formName(f)) === bare(tier));
      const read = named ? { ok: true as const, mould: { form: named } } : readMould(tier, typing);
      if (!read.ok) return read;
      tiers.push(read.mould.form);
    }
    return { ok: true, value: tiers.length === 0 ? '' : JSON.stringify(tiers) };
  });
  const offered = size === '' && build && portions !== null ? smallest(build.id, portions) : size;
  if (offered === null) reader.wrong('size', say`The kitchen has no tins for so many: name a size.`);
  const form = {
    ...{ title: reader.text('title', ''), customer: reader.text('customer', ''), pickup, portions },
    ...{ build: build?.id ?? '', size: offered ?? '', inscription: reader.text('inscription', '') },
    avoid: reader.list('avoid', []).map((a) => a.toLowerCase()),
    ...{ note: reader.text('note', ''), swaps: {}, choices: {}, without: [] },
  };
  return reader.form(orderForm, form, (path) => path.split(/[.[]/)[0]!);
}
