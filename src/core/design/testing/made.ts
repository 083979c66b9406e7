import type { Form } from '../../shape/form';
import type { AmountRule } from '../amount-rule';
import type { BlockTake, Design, DesignBlock, DesignPart, Inside, Layers, Piece } from '../design';
import type { Measure } from '../measure';

/** Short ways to write a design in a test. */

export const round = (diameter: number): Form => ({ form: 'round', diameter });
export const SHEET = { length: 600, width: 400 };
export const tins = (most = 2, depth = 75): Layers => ({ from: 'tins', depth, most });

export const part = (role: string, formula: string, more: Partial<DesignPart> = {}): DesignPart => ({
  ...{ role, label: role.charAt(0).toUpperCase() + role.slice(1), made: { formula } },
  ...more,
});
export const layer = (role: string, mm: number): Inside => ({ is: 'layer', role, mm });
export const soak = (role: string, kind: 'butter' | 'foam' = 'butter'): Inside => ({
  ...{ is: 'soak', role, amount: { kind } },
});
export const filling = (role: string, amount: Measure | number, dam?: string): Inside => ({
  ...{ is: 'filling', role, amount: typeof amount === 'number' ? { mm: amount } : amount },
  ...(dam !== undefined && { dam }),
});
export const rest = (role: string): Inside => ({ is: 'rest', role });
export const piece = (key: string, form: Form, inside: Inside[], more: Partial<Piece> = {}): Piece => ({
  ...{ key, form, inside },
  ...more,
});
export const take = (role: string, amount?: AmountRule, use?: string): BlockTake => ({
  role,
  ...(amount && { amount }),
  ...(use !== undefined && { use }),
});
export const block = (
  key: string,
  of: string,
  takes: BlockTake[] = [],
  more: Partial<DesignBlock> = {},
): DesignBlock => ({ key, block: of, takes, ...more });
export const coat = (role: string, which: 'crumb' | 'final' | 'other', thickness: Measure | number): BlockTake =>
  take(role, {
    ...{ rule: 'coat', coat: which, on: 'all' },
    thickness: typeof thickness === 'number' ? { mm: thickness } : thickness,
  });
export const design = (name: string, of: Omit<Design, 'name' | 'portion'> & Partial<Design>): Design => ({
  ...{ name, portion: 'party' },
  ...of,
});
