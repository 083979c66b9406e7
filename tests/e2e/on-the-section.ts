import { expect, type Page } from './journey';

/** What a baker does on the section, as the journeys say it. */
export class OnTheSection {
  readonly touched;
  readonly cake;
  readonly words;
  readonly works;
  readonly status;

  constructor(readonly page: Page) {
    this.touched = page.getByRole('region', { name: 'What is touched' });
    this.cake = page.getByRole('region', { name: 'The cake', exact: true });
    this.words = page.getByRole('region', { name: 'The cake in words' });
    this.works = page.getByRole('list', { name: 'Work on it, in its order' });
    this.status = page.locator('.zl-compose-foot').getByRole('status');
  }

  /** A new order for so many, begun from the offer that is called so, the `nth` of them. */
  async begin(url: string, guests: number, word: string, offer: RegExp): Promise<void> {
    await this.page.goto(`${url}/orders/new`);
    await this.page.locator('[data-hydrated]').first().waitFor();
    await this.page.getByLabel('Guests').fill(`${guests}`);
    await this.page.getByLabel('A flavour, a cake, an older order').fill(word);
    const offers = this.page.getByRole('list', { name: 'Cakes to begin from' });
    await offers.getByRole('button', { name: offer }).first().click();
    await this.page.getByTestId('section').waitFor();
    await this.words.getByText('The same cake in words').click();
  }

  /** Touches something that is called so in words: a tier, a layer, a gap. */
  async touch(name: RegExp, tier?: RegExp): Promise<void> {
    const list = tier
      ? this.words.locator('ul.zl-words').filter({ has: this.page.getByRole('button', { name: tier }) })
      : this.words;
    await list.getByRole('button', { name }).first().click();
  }

  /** What is touched becomes another thing. */
  async exchange(to: RegExp): Promise<void> {
    const wanted = this.touched.getByRole('radio', { name: to });
    const more = this.touched.getByRole('button', { name: /^\d+ more$/ });
    if ((await wanted.count()) === 0 && (await more.isVisible())) await more.click();
    await wanted.first().click();
    await expect(this.touched.getByRole('radio', { name: to }).first()).toHaveAttribute('aria-checked', 'true');
  }

  /** Chooses one of a list that opens. */
  async choose(label: string | RegExp, option: string | RegExp, within = this.touched): Promise<void> {
    await within.getByLabel(label).click();
    await this.page.getByRole('option', { name: option, exact: true }).first().click();
  }

  /** One kind of work more, perhaps with something. */
  async add(work: string, withWhat?: RegExp): Promise<void> {
    await this.choose('Something more on it', work, this.cake);
    if (withWhat) await this.choose('With what', withWhat, this.cake);
  }

  /** Types a day and a time into the field of the pickup, section by section. */
  async pickUpOn(when: string): Promise<void> {
    const field = this.page.getByRole('group', { name: 'Pickup' });
    await field.getByRole('spinbutton').first().click();
    await this.page.keyboard.press('Control+A');
    await this.page.keyboard.type(when.replace(/[^A-Za-z0-9]/g, ''));
  }

  /** Takes the order, and answers with its address. */
  async take(title: string): Promise<string> {
    await expect(this.status).toContainText(/Can be ready/, { timeout: 40_000 });
    await this.page.getByLabel('Name of the order').fill(title);
    await this.page.getByLabel('Customer').fill('Ida');
    await this.page.getByRole('button', { name: 'Take the order' }).click();
    await this.page.waitForURL(/\/orders\/\d+$/);
    return this.page.url();
  }
}
