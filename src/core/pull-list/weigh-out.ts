import type { CakeStep } from '../breakdown/steps/cake-step';
import type { Component } from '../breakdown/amounts/component';
import type { RoundedLine } from '../formula/rounding';

/** A step that the plan has placed, with the component it works on. */
export interface PlacedWork {
  step: CakeStep;
  start: number;
  /** Whom it is for, as one reads it. */
  forWhom: string;
  component: Component | null;
}

/** One batch to weigh out. */
export interface WeighOut {
  /** Names the line for its tick: stays the same as long as the step and its amounts do. */
  key: string;
  step: string;
  at: number;
  formula: string;
  formulaName: string;
  forWhom: string;
  grams: number;
  /** "2 × 848 g into round 20 cm" */
  into: string | null;
  lines: (RoundedLine & { name: string })[];
  /** Other parts that go in, with how much of each. */
  takes: { name: string; grams: number }[];
  /** The rounding moves a line by more than 3 %. */
  warns: boolean;
}
