import type { Breakdown } from '../../core/breakdown/breakdown';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { span, type Form } from '../../core/shape/form';
import type { OrderRow } from '../../data/repositories/orders';

/** The cake cut open, in mm, for a drawing to scale. */
export interface SectionView {
  tiers: { width: number; height: number; round: boolean; form: Form }[];
  layers: number;
  layerHeight: number;
  filling: number;
  finish: number;
  coated: boolean;
  summary: string;
}

export function sectionOf(breakdown: Breakdown, order: Pick<OrderRow, 'tiers'>): SectionView {
  const { cake } = breakdown;
  const kilos = breakdown.components.reduce((sum, c) => sum + c.amount.grams * (1 - c.formula.loss), 0) / 1000;
  return {
    tiers: cake.tiers.map(({ form, height }) => ({
      width: form.form === 'roll' ? form.diameter : span(form),
      height,
      round: form.form === 'roll',
      form,
    })),
    layers: cake.layers,
    layerHeight: cake.layerHeight,
    filling: cake.fillingThickness,
    finish: cake.finish,
    coated: breakdown.components.some((c) => ['frosting', 'cover', 'glaze'].includes(c.role)),
    summary: `${cakeName(order.tiers)} · ${cake.tiers.map((t) => `${Math.round(t.height)} mm high`).join(', ')} · gives ${cake.portions} portions · about ${kilos.toFixed(1)} kg`,
  };
}
