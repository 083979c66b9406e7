import { alone as test } from './journey';
import { trialKitchen } from './trial-kitchen';
import { TRIALS } from './trials';
import { walkTrial } from './walk-trial';

test('cakes that nobody has built before are composed in a kitchen of one’s own, planned, and pulled', async ({
  page,
}) => {
  test.setTimeout(300_000);
  const kitchen = await trialKitchen(3241);
  try {
    for (const trial of [TRIALS.threeTiers!, TRIALS.oneGanache!])
      await test.step(trial.name, () => walkTrial(page, kitchen.url, trial));
  } finally {
    await kitchen.stop();
  }
});
