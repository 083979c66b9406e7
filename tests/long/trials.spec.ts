import { test } from '../e2e/journey';
import { trialKitchen } from '../e2e/trial-kitchen';
import { TRIALS } from '../e2e/trials';
import { walkTrial } from '../e2e/walk-trial';

const LONG = [
  ...['raised', 'threeSlices', 'trunk', 'house', 'bar', 'domes'],
  ...['ringTorched', 'sheetsInARing', 'oneTin', 'twoFlavours'],
];

test('ten more cakes are composed in a kitchen of one’s own, planned, and pulled', async ({ page }) => {
  test.setTimeout(1_500_000);
  const kitchen = await trialKitchen(3242);
  try {
    for (const key of LONG) await test.step(TRIALS[key]!.name, () => walkTrial(page, kitchen.url, TRIALS[key]!));
  } finally {
    await kitchen.stop();
  }
});
