import { ENTERED } from '../breakdown/testing/entered-formulas';
import { madeAlike } from './made-alike';

const [cream] = ENTERED;

it('a formula that is only taken out of use is made alike, whatever the order of its fields', () => {
  const turned = Object.fromEntries(Object.entries(cream!).reverse()) as unknown as typeof cream & object;
  expect(madeAlike(cream!, { ...turned, retired: true })).toBe(true);
  expect(madeAlike(cream!, { ...cream!, loss: 0.04 })).toBe(false);
  const [step] = cream!.steps;
  expect(madeAlike(cream!, { ...cream!, steps: [{ ...step!, how: 'Cold.' }] })).toBe(false);
});
