import { test } from '../e2e/journey';
import { trialKitchen } from './trial-kitchen';
import { TRIALS } from './trials';
import { walkTrial } from './walk-trial';

const BY_HAND = [
  ...['threeTiers', 'oneGanache'],
  ...['raised', 'threeSlices', 'trunk', 'house', 'bar', 'domes'],
  ...['ringTorched', 'sheetsInARing', 'oneTin', 'twoFlavours'],
];

test('twelve cakes that nobody has built before are composed in a kitchen of one’s own, planned, and pulled', async ({
  page,
}) => {
  test.setTimeout(1_500_000);
  const kitchen = await trialKitchen(3242);
  try {
    for (const key of BY_HAND) await test.step(TRIALS[key]!.name, () => walkTrial(page, kitchen.url, TRIALS[key]!));
  } finally {
    await kitchen.stop();
  }
});
