import type { CheckAnswer } from '@/core/floor/check-answer';
import type { FormulaForm } from '@/core/input/formula-input';
import type { OrderForm } from '@/core/input/order-input';
import type { Reading } from '@/core/measure/show-quantity';
import type { Adjustment } from '@/core/steering/plan-edit';
import type { Correction } from '@/server/bench/corrections';
import type { Told } from '@/server/bench/floor';
import type { CapacityQuestion } from '@/server/orders/capacity';
import type { PartChange } from '@/server/orders/change-part';
import type { KitchenChange } from '@/server/kitchen/kitchen-settings';
import { send, sendToHouse } from './send';

/** What the screens send, by what it does: each goes to its door, and decides nothing. */

export const replanAction = () => send('replan', {});
export const steerAction = (wanted: Adjustment[]) => send('steer', { wanted });
export const tryWhatIfAction = (wanted: Adjustment[], order: CapacityQuestion | null) =>
  send('try-what-if', { wanted, order });
export const tryChoicesAction = (key: string) => send('try-choices', { key });
export const takeOverAction = (trial: string) => send('take-over', { trial });
export const undoEditAction = () => send('undo', {});
export const redoEditAction = () => send('redo', {});
export const canWeTakeAction = (question: CapacityQuestion) => send('can-we-take', question);
export const loadDemoAction = () => sendToHouse('load-demo');

export const takeOrderAction = (form: OrderForm) => send('take-order', form);
export const changeOrderAction = (id: number, version: number, form: OrderForm) =>
  send('change-order', { ...form, id, version });
export const reviewOrderAction = (id: number | null, form: OrderForm) => send('review-order', { ...form, id });
export const leaveOutAction = (id: number, version: number, without: string[]) =>
  send('leave-out', { id, version, without });
export const changePartAction = (id: number, version: number, change: PartChange) =>
  send('change-part', { id, version, change });
export const takeNewerRulesAction = (id: number, version: number) => send('take-newer-rules', { id, version });
export const handOverAction = (id: number, version: number) => send('hand-over', { id, version });
export const bringBackAction = (id: number, version: number) => send('bring-back', { id, version });

export const startStepAction = (step: string, person: string, told: Told = {}) =>
  send('start-step', { step, person, ...told });
export const finishStepAction = (step: string, answer?: CheckAnswer, told: Told = {}) =>
  send('finish-step', { step, answer, ...told });
export const extendStepAction = (step: string, minutes: number) => send('extend-step', { step, minutes });
export const takeBackStepAction = (step: string, sure?: true) => send('take-back-step', { step, sure });
export const anywayAction = (step: string, why: string) => send('use-anyway', { step, why });
export const correctToldAction = (wanted: Correction) => send('correct-told', wanted);
export const whatFollowsAction = (wanted: Correction) => send('what-follows', wanted);

export const saveFormulaAction = (id: string | null, version: number, form: FormulaForm) =>
  send('save-formula', { ...form, id, version });
export const readRecipeFileAction = (name: string, content: string, country: string) =>
  send('read-recipes', { name, content, country });
export const acceptBatchAction = (members: { order: string; role: string }[]) => send('accept-batch', { members });
export const splitBatchAction = (id: number) => send('split-batch', { id });
export const tickAction = (key: string, ticked: boolean) => send('tick', { key, ticked });
export const calculateAction = (name: string, input: unknown) => send('calculate', { name, input: input ?? {} });
export const saveKitchenAction = (version: number, change: KitchenChange) => send('save-kitchen', { version, change });
export const saveReadingAction = (person: string, reading: Reading | null) => send('save-reading', { person, reading });
