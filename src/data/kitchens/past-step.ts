/** A step of an order of the weeks before, as it was worked. Minutes from the midnight of the day of loading. */
export interface PastStep {
  /** Place of its order in the list. */
  order: number;
  /** Its id without the order’s. */
  step: string;
  name: string;
  likely: number;
  start: number;
  took: number;
  people: string[];
  equipment: string[];
  check?: { kind: string; text: string; value: number | null };
}

/** Minutes of “-3 14:30” from the midnight of the anchor. */
export function minutesAfterAnchor(relative: string): number {
  const [day, time = ''] = relative.split(' ');
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  return Number(day) * 1440 + hour * 60 + minute;
}
