import { Worker } from 'node:worker_threads';
import type { CalcContext } from '../../core/calculators/calculator';
import type { Calculated } from '../../core/calculators/registry';
import type { CalculationRequest } from '../../workers/calculator.thread';
import { AskedThread } from '../shared/asked-thread';

const held = globalThis as unknown as { zestCalculator?: AskedThread };

/** Calculates in a thread of its own: what takes long lets nobody’s page wait. */
export function calculateInThread(name: string, input: unknown, context: CalcContext): Promise<Calculated> {
  held.zestCalculator ??= new AskedThread(
    'calculations',
    () => new Worker(new URL('../../workers/calculator.thread.ts', import.meta.url)),
  );
  const request: CalculationRequest = { name, input, context };
  return held.zestCalculator.ask(request);
}
