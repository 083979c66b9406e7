'use server';

import type { CheckAnswer } from '@/core/floor/check-answer';
import { loadDemo } from '@/server/demo';
import { extendStep, finishStep, startStep, takeBackStep } from '@/server/floor';
import { adjustOrder, bringBack, changeOrder, handOver, takeOrder } from '@/server/orders';
import { replanNow } from '@/server/planning';
import { refuse, type Result } from '@/server/result';

/** The doors from the interface to the use cases: they pass values on and decide nothing. */

export async function replanAction(): Promise<Result> {
  return (await replanNow('the lead asked for it')) ? { ok: true } : refuse('There is no kitchen yet.');
}

export async function loadDemoAction(): Promise<Result> {
  return loadDemo();
}

export async function takeOrderAction(form: unknown) {
  return takeOrder(form);
}

export async function changeOrderAction(id: number, version: number, form: unknown) {
  return changeOrder(id, version, form);
}

export async function movePickupAction(id: number, version: number, pickup: string): Promise<Result> {
  const time = new Date(pickup);
  return Number.isNaN(time.getTime()) ? refuse('This is not a time.') : adjustOrder(id, version, { pickup: time });
}

export async function leaveOutAction(id: number, version: number, without: string[]): Promise<Result> {
  return adjustOrder(id, version, { without: without.map(String) });
}

export async function handOverAction(id: number, version: number) {
  return handOver(id, version);
}

export async function bringBackAction(id: number, version: number) {
  return bringBack(id, version);
}

export async function startStepAction(step: string, person: string) {
  return startStep(step, person);
}

export async function finishStepAction(step: string, answer?: CheckAnswer) {
  return finishStep(step, answer);
}

export async function extendStepAction(step: string, minutes: number) {
  return extendStep(step, minutes);
}

export async function takeBackStepAction(step: string) {
  return takeBackStep(step);
}
