/** What a plan breaks: a rule of the format by its number, or the part of the document that is wrong. */
export interface Breach {
  rule: number | 'shape' | 'routes' | 'unplaced' | 'score' | 'bound' | 'status';
  message: string;
}

/** A plan that breaks more than this is not worth reading on. */
const MOST = 200;

export class Breaches {
  readonly list: Breach[] = [];

  say(rule: Breach['rule'], message: string): void {
    if (this.list.length < MOST) this.list.push({ rule, message });
  }
}
