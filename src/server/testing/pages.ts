/**
 * Every page, by its place in `src/app`, with the addresses at which malformed values are asked for; `#` is where they go. A page without one is no page
 * that the proofs know.
 */
const IN_KITCHEN = 'k/[kitchen]/';
const LEAD = `${IN_KITCHEN}(lead)/`;
export const PAGES: Record<string, string[]> = {
  'page.tsx': ['/?x=#'],
  '[...path]/page.tsx': ['/orders/#', '/formulas/#/edit', '/bench/#', '/pull-list?day=#&day=#', '/#'],
  'kitchens/page.tsx': ['/kitchens?x=#'],
  'kitchens/new/page.tsx': ['/kitchens/new?x=#'],
  [`${LEAD}page.tsx`]: ['/k/#', '/k/demo?x=#'],
  [`${LEAD}orders/page.tsx`]: ['/k/demo/orders?x=#'],
  [`${LEAD}orders/new/page.tsx`]: [
    '/k/demo/orders/new?build=#&portions=#&pickup=#&size=#&swaps=#&avoid=#&with=#&copy=#',
    '/k/demo/orders/new?with=#&after=#',
  ],
  [`${LEAD}orders/[id]/page.tsx`]: ['/k/demo/orders/#'],
  [`${LEAD}orders/[id]/edit/page.tsx`]: ['/k/demo/orders/#/edit', '/k/demo/orders/x/edit'],
  [`${LEAD}builds/new/page.tsx`]: ['/k/demo/builds/new?from=#'],
  [`${LEAD}builds/[id]/page.tsx`]: ['/k/demo/builds/#'],
  [`${LEAD}formulas/page.tsx`]: ['/k/demo/formulas?x=#'],
  [`${LEAD}formulas/new/page.tsx`]: ['/k/demo/formulas/new?like=#'],
  [`${LEAD}formulas/import/page.tsx`]: ['/k/demo/formulas/import?x=#'],
  [`${LEAD}formulas/[id]/page.tsx`]: ['/k/demo/formulas/#', '/k/demo/formulas/quince-curd?version=#'],
  [`${LEAD}formulas/[id]/edit/page.tsx`]: ['/k/demo/formulas/#/edit'],
  [`${LEAD}formulas/[id]/sheet/page.tsx`]: [
    '/k/demo/formulas/#/sheet',
    '/k/demo/formulas/quince-curd/sheet?grams=#&by=#',
  ],
  [`${LEAD}kitchen/page.tsx`]: ['/k/demo/kitchen?x=#'],
  [`${LEAD}kitchen/[section]/page.tsx`]: ['/k/demo/kitchen/#', '/k/demo/kitchen/people?x=#'],
  [`${LEAD}kitchen/[section]/[id]/page.tsx`]: [
    '/k/demo/kitchen/#/#',
    '/k/demo/kitchen/people/#',
    '/k/demo/kitchen/work/#',
    '/k/demo/kitchen/work/new?like=#',
  ],
  [`${LEAD}pull-list/page.tsx`]: ['/k/demo/pull-list?day=#&days=#', '/k/demo/pull-list?day=#&day=#'],
  [`${LEAD}told/page.tsx`]: ['/k/demo/told?x=#'],
  [`${LEAD}workbench/page.tsx`]: ['/k/demo/workbench?calc=#'],
  [`${IN_KITCHEN}bench/page.tsx`]: ['/k/demo/bench?x=#'],
  [`${IN_KITCHEN}bench/[person]/page.tsx`]: ['/k/demo/bench/#'],
};
