/** Builds of the demo in sizes that they are made in, and for how many. */
const round = (...cm) => cm.map((c) => ({ form: 'round', diameter: c * 10 }));
const roll = { form: 'roll', length: 380, diameter: 110 };
const CAKES = [
  ['strawberry-cloud', round(24), 12],
  ['caramel-drip', round(20), 10],
  ['walnut-ganache', round(24), 14],
  ['orange-chiffon-crown', round(20), 10],
  ['blackcurrant-roll', [roll, roll], 20],
  ['rye-crate', [{ form: 'square', side: 200 }], 20],
  ['fig-sails', round(20), 10],
  ['apricot-dome', round(18), 8],
  ['garden-cake', round(24, 15), 24],
  ['saffron-crown', round(24), 12],
  ['quince-tower', round(28, 20, 15), 50],
];
const NAMES = ['Aster', 'Birch', 'Clover', 'Dale', 'Elder', 'Fern', 'Gorse', 'Hazel', 'Iris', 'Juniper'];
const WHAT = ['birthday', 'christening', 'wedding', 'jubilee', 'street feast'];

/**
 * Takes orders in the demo, spread over the thirteen days after its morning, until so many are open.
 *
 * @param {string} url
 * @param {number} taken how many there are
 * @param {number} wanted
 */
export async function takeOrders(url, taken, wanted) {
  const morning = Date.UTC(2027, 4, 20);
  for (let i = 0; i < wanted - taken; i++) {
    const [build, size, portions] = CAKES[i % CAKES.length];
    const day = 2 + Math.floor((i * 12) / (wanted - taken));
    const pickup = new Date(morning + day * 86_400_000 + (9 * 60 + 30 * ((i * 7) % 17)) * 60_000);
    const title = `${NAMES[i % NAMES.length]} ${WHAT[Math.floor(i / NAMES.length) % WHAT.length]}`;
    const response = await fetch(`${url}/k/demo/api/do/take-order`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': `web-order-${i}-${Date.now()}` },
      body: JSON.stringify({
        ...{ title, customer: NAMES[i % NAMES.length], build, portions, size: JSON.stringify(size) },
        ...{ pickup: pickup.toISOString().slice(0, 16), inscription: '', avoid: [], note: '' },
        ...{ swaps: {}, choices: {}, without: [] },
      }),
    });
    const answer = await response.json();
    if (!answer.ok) throw new Error(`${title} (${build}): ${answer.message}`);
  }
}
