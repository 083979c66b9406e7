/** The steps in which a kitchen is set up, in their order. Each is a page of the kitchen’s own, so that all of it is there later as well. */
export const SETUP_STEPS = [
  'people',
  'opening',
  'ovens',
  'machines',
  'tins',
  'places',
  'how',
  'library',
  'order',
] as const;
export type SetupStep = (typeof SETUP_STEPS)[number];

/** The step after this one; null after the last. */
export const stepAfter = (step: SetupStep): SetupStep | null => SETUP_STEPS[SETUP_STEPS.indexOf(step) + 1] ?? null;
