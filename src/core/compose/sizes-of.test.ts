import type { Mould } from '../breakdown/kitchen';
import { formName, type Form } from '../shape/form';
import { formsFor, sizesOf } from './sizes-of';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const mould = (use: Mould['use'], form: Form, owned = 1): Mould => ({ kind: formName(form), use, form, owned });
const kitchen = {
  moulds: [
    ...[mould('tin', round(240)), mould('tin', round(180)), mould('tin', round(200), 0), mould('ring', round(220))],
    ...[mould('shaped tin', { form: 'heart', side: 160 }), mould('square tin', { form: 'square', side: 200 })],
    ...[mould('ring', { form: 'square', side: 180 }), mould('sheet', { form: 'rectangle', length: 600, width: 400 })],
  ],
};
const names = (forms: Form[]) => forms.map(formName);

describe('the forms that a piece can have', () => {
  it('are its own and those of the moulds of its shape, the smallest first', () => {
    expect(names(sizesOf(round(200), kitchen))).toEqual(['round 18 cm', 'round 20 cm', 'round 22 cm', 'round 24 cm']);
  });

  it('and other shapes that there are tins for, or rings where it is built in one', () => {
    expect(names(formsFor({ form: round(240) }, kitchen)).slice(-2)).toEqual(['square 20 cm', 'heart 16 cm']);
    expect(names(formsFor({ form: round(220), ringHeight: 60 }, kitchen)).at(-1)).toBe('square 18 cm');
  });

  it('but what is rolled or put together keeps its shape', () => {
    const roll: Form = { form: 'roll', length: 380, diameter: 110 };
    expect(formsFor({ form: roll }, kitchen)).toEqual([roll]);
    expect(formsFor({ form: round(240), madeOf: { pieces: ['a'], height: 200 } }, kitchen)).toEqual(
      sizesOf(round(240), kitchen),
    );
  });
});
