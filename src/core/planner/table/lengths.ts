import type { StepMode, StepModel } from '../model/step-model';

/** No way of doing a step is chosen yet. */
const OPEN = -1;

/**
 * How long each step takes: by the way of doing it that is chosen, or, as long as none is, somewhere between its quickest and its slowest.
 * Steps with one way only are always as long as that.
 */
export class Lengths {
  /** Minutes of the way that is chosen; of the quickest where none is. */
  readonly least: Int32Array;
  /** The same; of the slowest where none is. */
  readonly most: Int32Array;
  private readonly chosen: Int32Array;
  private readonly modes: StepMode[];

  constructor(private readonly steps: StepModel[]) {
    this.least = Int32Array.from(steps, (s) => s.modes[0]!.minutes);
    this.most = Int32Array.from(steps, (s) => s.modes.at(-1)!.minutes);
    this.chosen = Int32Array.from(steps, (s) => (s.modes.length > 1 ? OPEN : 0));
    this.modes = steps.map((s) => s.modes[0]!);
  }

  isOpen(step: number): boolean {
    return this.chosen[step] === OPEN;
  }

  /** Index of the way in which a step is done; of the quickest where none is chosen. */
  mode(step: number): number {
    return Math.max(0, this.chosen[step]!);
  }

  /** Of a step that is out of the timetable. */
  choose(step: number, mode: number): void {
    const chosen = this.steps[step]!.modes[mode]!;
    this.chosen[step] = mode;
    this.modes[step] = chosen;
    this.least[step] = this.most[step] = chosen.minutes;
  }

  open(step: number): void {
    const { modes } = this.steps[step]!;
    if (modes.length === 1) return;
    this.chosen[step] = OPEN;
    this.modes[step] = modes[0]!;
    this.least[step] = modes[0]!.minutes;
    this.most[step] = modes.at(-1)!.minutes;
  }

  /** The way in which a step is done; the quickest where none is chosen. */
  modeOf(step: number): StepMode {
    return this.modes[step]!;
  }
}
