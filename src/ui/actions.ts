import type { TableName } from '@/server/tables/tables';
import type { CheckAnswer } from '@/core/floor/check-answer';
import type { BlockForm } from '@/core/input/block-input';
import type { BuildForm } from '@/core/input/build-input';
import type { FormulaForm } from '@/core/input/formula-input';
import type { IngredientForm } from '@/core/input/ingredient-input';
import type { ItemForms } from '@/core/input/item-input';
import type { NewKitchenForm } from '@/core/input/new-kitchen-input';
import type { OpeningForm } from '@/core/input/opening-input';
import type { PersonForm } from '@/core/input/person-input';
import type { StandingForm } from '@/core/input/standing-input';
import type { SupplierForm } from '@/core/input/supplier-input';
import type { SetupStep } from '@/core/kitchen/setup-steps';
import type { RegisterName } from '@/core/stored/registers';
import type { OrderForm } from '@/core/input/order-input';
import type { Reading } from '@/core/measure/show-quantity';
import type { Adjustment } from '@/core/steering/plan-edit';
import type { Correction } from '@/server/bench/corrections';
import type { Told } from '@/server/bench/floor';
import type { CapacityQuestion } from '@/server/orders/capacity';
import type { PictureForm } from '@/core/input/picture-input';
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
export const loadDemoAction = () => sendToHouse('load-demo', {});
export const newKitchenAction = (form: NewKitchenForm) => sendToHouse('new-kitchen', form);

export const takeOrderAction = (form: OrderForm) => send('take-order', form);
export const changeOrderAction = (id: number, version: number, form: OrderForm) =>
  send('change-order', { ...form, id, version });
export const addPictureAction = (form: PictureForm) => send('add-picture', form);
export const answerOrderAction = (id: number | null, form: OrderForm) => send('answer-order', { ...form, id });
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

export const saveFormulaAction = (id: string | null, version: number, form: FormulaForm, sure?: true) =>
  send('save-formula', { ...form, id, version, sure });
export const saveBuildAction = (which: { id: string | null; version: number }, form: BuildForm) =>
  send('save-build', { ...form, ...which });
export const retireBuildAction = (which: { id: string; version: number; retired: boolean }) =>
  send('retire-build', which);
export const retireFormulaAction = (id: string, version: number, retired: boolean) =>
  send('retire-formula', { id, version, retired });
export const readRecipeFileAction = (name: string, content: string, country: string) =>
  send('read-recipes', { name, content, country });
export const acceptBatchAction = (members: { order: string; role: string }[]) => send('accept-batch', { members });
export const splitBatchAction = (id: number) => send('split-batch', { id });
export const tickAction = (key: string, ticked: boolean) => send('tick', { key, ticked });
export const calculateAction = (name: string, input: unknown) => send('calculate', { name, input: input ?? {} });
export const saveKitchenAction = (version: number, change: KitchenChange) => send('save-kitchen', { version, change });
export const tryFiguresAction = (build: string | null, figures: Record<string, number>) =>
  send('try-figures', { build, figures });
export const saveReadingAction = (person: string, reading: Reading | null) => send('save-reading', { person, reading });

/** Which entry of a list of the kitchen is saved: none for a new one. */
export interface WhichEntry {
  id: string | null;
  version: number;
  sure?: true | undefined;
}

export const savePersonAction = (which: WhichEntry, form: PersonForm) => send('save-person', { ...form, ...which });
export const saveOvenAction = (which: WhichEntry, form: ItemForms['ovens']) => send('save-oven', { ...form, ...which });
export const saveMachineAction = (which: WhichEntry, form: ItemForms['machines']) =>
  send('save-machine', { ...form, ...which });
export const saveTinAction = (which: WhichEntry, form: ItemForms['tins']) => send('save-tin', { ...form, ...which });
export const savePlaceAction = (which: WhichEntry, form: ItemForms['places']) =>
  send('save-place', { ...form, ...which });
export const saveIngredientAction = (which: WhichEntry, form: IngredientForm) =>
  send('save-ingredient', { ...form, ...which });
export const saveSupplierAction = (which: WhichEntry, form: SupplierForm) =>
  send('save-supplier', { ...form, ...which });
export const saveStandingAction = (which: WhichEntry, form: StandingForm) =>
  send('save-standing-work', { ...form, ...which });
export const retireEntryAction = (
  register: RegisterName,
  which: { id: string; version: number; retired: boolean; sure?: true | undefined },
) => send('retire-entry', { register, ...which });
export const saveBlockAction = (which: WhichEntry, form: BlockForm) => send('save-block', { ...form, ...which });
export const putBackAction = (event: number, sure?: true) => send('put-back', { event, sure });
export const addStarterSetAction = (key: string) => send('add-starter-set', { key });
export const lookIntoTableAction = (table: TableName, text: string) => send('look-into-table', { table, text });
export const takeTableAction = (table: TableName, text: string, sure?: true) =>
  send('take-table', { table, text, sure });
export const addTinsAction = (text: string) => send('add-tins', { text });
export const addFromLibraryAction = (wanted: { formulas: string[]; builds: string[] }) =>
  send('add-from-library', wanted);
export const saveOpeningAction = (version: number, form: OpeningForm) => send('save-opening', { ...form, version });
export const renameKitchenAction = (version: number, form: { name: string; zone: string }) =>
  send('rename-kitchen', { ...form, version });
export const saveSetUpAction = (done: SetupStep[] | null) => send('save-set-up', { done });
