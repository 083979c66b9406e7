import type { OrderForm } from '@/core/input/order-input';
import { say } from '@/core/words/say';

/** What the server is asked with: an order needs a time to be planned, and nothing that only people read. */
export function askedWith(form: OrderForm & { design: string }): { form: OrderForm | null; missing: string | null } {
  const named = { ...form, title: say`A new cake`, customer: '–', note: '' };
  const portions = Number(form.portions);
  if (!Number.isInteger(portions) || portions < 1) return { form: null, missing: say`How many portions?` };
  if (!/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(form.pickup)) return { form: null, missing: say`When is it collected?` };
  return { form: { ...named, portions }, missing: null };
}
