export type Term = [factor: number, variable: string];

/** A linear program with binaries, collected row by row and written in the LP text format. All variables are at least 0. */
export class LinearText {
  private readonly rows: string[] = [];
  private readonly costs: Term[] = [];
  private readonly limits = new Map<string, [number, number]>();
  private readonly binaries = new Set<string>();

  binary(name: string): string {
    this.binaries.add(name);
    return name;
  }

  cost(factor: number, variable: string): void {
    this.costs.push([factor, variable]);
  }

  bounds(variable: string, low: number, high: number): void {
    this.limits.set(variable, [low, high]);
  }

  row(terms: Term[], relation: '<=' | '>=' | '=', right: number): void {
    const summed = new Map<string, number>();
    for (const [factor, variable] of terms) summed.set(variable, (summed.get(variable) ?? 0) + factor);
    this.rows.push(` r${this.rows.length}: ${sum([...summed].map(([v, f]) => [f, v]))} ${relation} ${right}`);
  }

  write(): string {
    const limits = [...this.limits].map(([v, [low, high]]) => ` ${low} <= ${v} <= ${high}`);
    return [
      'Minimize',
      ` obj: ${sum(this.costs)}`,
      'Subject To',
      ...this.rows,
      'Bounds',
      ...limits,
      'Binaries',
      ` ${[...this.binaries].join('\n ')}`,
      'End',
    ].join('\n');
  }
}

const sum = (terms: Term[]) =>
  terms.length === 0
    ? '0 one'
    : terms.map(([f, v], i) => `${f < 0 ? '-' : i > 0 ? '+' : ''} ${Math.abs(f)} ${v}`).join('\n  ');
