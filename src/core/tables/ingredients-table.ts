import { say } from '../words/say';
import { ingredientForm, ingredientFormOf, ingredientOf } from '../input/ingredient-input';
import { newIngredient, type KeptIngredient } from '../kitchen/kept-ingredient';
import { readNumber, type Decimal } from '../measure/parse-number';
import { flagCell, listCell, numberCell, RowReader, type EntryTable } from './table';

type Pack = KeptIngredient['packs'][number];

/** "1000 g: 4.20": what is in it, and what it costs. */
const packCell = ({ grams, price }: Pack, decimal: Decimal) =>
  price === null ? `${numberCell(grams, decimal)} g` : `${numberCell(grams, decimal)} g: ${numberCell(price, decimal)}`;

function readPacks(text: string, decimal: Decimal): { ok: true; value: Pack[] } | { ok: false; message: string } {
  const value: Pack[] = [];
  // Only semicolons here: a comma may belong to a number.
  for (const pack of text.split(';').filter((p) => p.trim() !== '')) {
    const found = /^\s*([\d.,]+)\s*(g|kg)?\s*(?:[:=@]\s*([\d.,]+))?\s*$/i.exec(pack);
    const grams = found && readNumber(found[1]!, decimal);
    const price = found?.[3] === undefined ? null : readNumber(found[3], decimal);
    if (grams?.is !== 'number' || (price !== null && price.is !== 'number'))
      return { ok: false, message: say`“${pack.trim()}” cannot be read: write it as “1000 g: 4.20”.` };
    value.push({
      grams: grams.value * (found![2]?.toLowerCase() === 'kg' ? 1000 : 1),
      price: price === null ? null : price.value,
    });
  }
  return { ok: true, value };
}

/** Fields of the form by the column that they come from, where they are called otherwise. */
const COLUMN_OF: Readonly<Record<string, string>> = {
  ...{ otherNames: 'other names', leastStock: 'least stock', takeOut: 'take out', keepCold: 'keep cold' },
};

/** Ingredients with what is bought and kept of them. */
export const ingredientsTable: EntryTable<KeptIngredient> = {
  columns: [
    { name: 'name', about: say`What it is called. A line of this name that is here already is changed.` },
    { name: 'other names', about: say`What recipes from outside call it, with semicolons between.` },
    { name: 'is', about: say`What it is: flour, sugar, cream, egg white…; the list stands with each ingredient.` },
    { name: 'percent', about: say`Fat, cacao or strength, in per cent.` },
    { name: 'density', about: say`g per ml.` },
    { name: 'allergens', about: say`With semicolons between, as they are called here.` },
    { name: 'confirmed', about: say`yes, where somebody has looked: it holds these allergens and no others.` },
    { name: 'supplier', about: say`Who brings it.` },
    { name: 'packs', about: say`“1000 g: 4.20; 25 kg: 39”, the price left out where it is not to be told.` },
    { name: 'stock', about: say`g in the house.` },
    { name: 'least stock', about: say`g below which it is to be bought.` },
    { name: 'take out', about: say`Minutes that it has to stand out of the cold before its use.` },
    { name: 'keep cold', about: say`yes, where it is kept in the fridge.` },
  ],
  examples: [
    {
      ...{ name: 'Spelt flour', 'other names': 'dinkel flour', is: 'flour', percent: '', density: '0.6' },
      ...{ allergens: 'gluten', confirmed: 'yes', supplier: 'Mill on the hill', packs: '5 kg: 7.50; 25 kg: 31' },
      ...{ stock: '3000', 'least stock': '1000', 'take out': '', 'keep cold': 'no' },
    },
  ],
  row: (ingredient, { decimal }) => {
    const i = ingredientFormOf(ingredient);
    return {
      ...{ name: i.name, 'other names': listCell(i.otherNames), is: i.is },
      ...{ percent: numberCell(i.percent, decimal), density: numberCell(i.density, decimal) },
      ...{ allergens: listCell(i.allergens), confirmed: flagCell(i.confirmed), supplier: i.supplier },
      packs: i.packs.map((p) => packCell(p, decimal)).join('; '),
      ...{ stock: numberCell(i.stock, decimal), 'least stock': numberCell(i.leastStock, decimal) },
      ...{ 'take out': numberCell(i.takeOut, decimal), 'keep cold': flagCell(i.keepCold) },
    };
  },
  read: (row, before, { decimal }) => {
    const reader = new RowReader(row, decimal);
    const was = ingredientFormOf(
      before ?? newIngredient({ name: '', allergens: [], density: null, unconfirmed: true }),
    );
    const form = {
      name: reader.text('name', was.name),
      otherNames: reader.list('other names', was.otherNames),
      is: reader.text('is', was.is).toLowerCase(),
      percent: reader.number('percent', was.percent, null),
      density: reader.number('density', was.density, null),
      allergens: reader.list('allergens', was.allergens).map((a) => a.toLowerCase()),
      confirmed: reader.flag('confirmed', was.confirmed),
      supplier: reader.text('supplier', was.supplier),
      packs: reader.told('packs', was.packs, (text) => readPacks(text, decimal)),
      stock: reader.number('stock', was.stock, 0),
      leastStock: reader.number('least stock', was.leastStock, 0),
      takeOut: reader.number('take out', was.takeOut, null),
      keepCold: reader.flag('keep cold', was.keepCold),
    };
    const field = (path: string) => path.split(/[.[]/)[0]!;
    const read = reader.form(ingredientForm, form, (path) => COLUMN_OF[field(path)] ?? field(path));
    return read.ok ? { ok: true, value: ingredientOf(read.value, before) } : read;
  },
};
