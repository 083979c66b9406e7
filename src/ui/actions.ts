'use server';

import type { CheckAnswer } from '@/core/floor/check-answer';
import { loadDemo } from '@/server/demo';
import { acceptBatch, splitBatch } from '@/server/batches';
import { runCalculator } from '@/server/calculators';
import { changePart, type PartChange } from '@/server/change-part';
import { extendStep, finishStep, startStep, takeBackStep } from '@/server/floor';
import { adjustOrder, bringBack, changeOrder, handOver, takeOrder } from '@/server/orders';
import { readRecipeFile, saveFormula } from '@/server/formulas';
import { saveKitchen, saveReading, type KitchenChange } from '@/server/kitchen-settings';
import { canWeTake, type CapacityQuestion } from '@/server/capacity';
import { replanNow } from '@/server/planning';
import { redoEdit, steer, takeOver, tryWhatIf, undoEdit } from '@/server/steering';
import type { Wish } from '@/core/steering/plan-edit';
import { tickLine } from '@/server/pull-list';
import { reviewOrder } from '@/server/review-order';
import type { Reading } from '@/core/measure/show-quantity';
import { refuse, type Result } from '@/server/result';

/** The doors from the interface to the use cases: they pass values on and decide nothing. */

export async function replanAction(): Promise<Result> {
  return (await replanNow('the lead asked for it', { helpLate: true }))
    ? { ok: true }
    : refuse('There is no kitchen yet.');
}

export async function steerAction(wanted: Wish[]) {
  return steer(wanted);
}

export async function tryWhatIfAction(wanted: Wish[], order: CapacityQuestion | null) {
  return tryWhatIf(wanted, order);
}

export async function takeOverAction(trial: string): Promise<Result> {
  return takeOver(trial);
}

export async function undoEditAction(): Promise<Result> {
  return undoEdit();
}

export async function redoEditAction(): Promise<Result> {
  return redoEdit();
}

export async function canWeTakeAction(question: CapacityQuestion) {
  return canWeTake(question);
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

export async function reviewOrderAction(id: number | null, form: unknown) {
  return reviewOrder(id, form);
}

export async function changePartAction(id: number, version: number, change: PartChange) {
  return changePart(id, version, change);
}

export async function saveFormulaAction(id: string | null, version: number, form: unknown) {
  return saveFormula(id, version, form);
}

export async function readRecipeFileAction(name: string, content: string, country: string) {
  return readRecipeFile(name, content, country);
}

export async function acceptBatchAction(members: { order: string; role: string }[]) {
  return acceptBatch(members);
}

export async function splitBatchAction(id: number) {
  return splitBatch(id);
}

export async function tickAction(key: string, ticked: boolean) {
  return tickLine(key, ticked);
}

export async function calculateAction(name: string, input: unknown) {
  return runCalculator(name, input);
}

export async function saveKitchenAction(version: number, change: KitchenChange) {
  return saveKitchen(version, change);
}

export async function saveReadingAction(person: string, reading: Reading | null) {
  return saveReading(person, reading);
}
