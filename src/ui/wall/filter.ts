import { say } from '@/core/words/say';
import type { Clock } from '@/core/time/clock';
import { dayText } from '@/core/time/clock-text';
import type { WallView } from '@/server/wall/wall-view';
import type { LadderView, RailView, RungView } from '@/server/ladder/ladder-view';

/** One thing to show only: a person, an oven, a tin or other thing, an order, a day. */
export interface FilterOption {
  /** What it is, as the list's heading says it. */
  group: string;
  /** Unique among all groups. */
  key: string;
  label: string;
}

const dayOf = (minute: number, clock: Clock) => dayText(minute, clock, true);

export function filterOptions(view: WallView): FilterOption[] {
  const used = new Set(
    view.ladders.flatMap((l) => [...l.rungs.flatMap((r) => r.items), ...l.rails.flatMap((r) => r.item ?? [])]),
  );
  const days = [
    ...new Set(
      view.ladders
        .map((l) => l.pickup)
        .sort((a, b) => a - b)
        .map((p) => dayOf(p, view.clock)),
    ),
  ];
  return [
    ...view.hands.map((h): FilterOption => ({ group: say`People`, key: `person ${h.id}`, label: h.name })),
    ...view.ovens.map((o): FilterOption => ({ group: say`Ovens`, key: `item ${o.id}`, label: o.name })),
    ...view.things
      .filter((t) => used.has(t.id))
      .map((t): FilterOption => ({ group: say`Tins and other things`, key: `item ${t.id}`, label: t.name })),
    ...view.ladders.map((l): FilterOption => ({ group: say`Orders`, key: `order ${l.order}`, label: l.title })),
    ...days.map((d): FilterOption => ({ group: say`Days`, key: `day ${d}`, label: d })),
  ];
}

/** What the chosen options show: within a group any of them, across groups all. */
export class Filter {
  private readonly groups = new Map<string, Set<string>>();

  constructor(
    keys: string[],
    private readonly clock: Clock,
  ) {
    for (const key of keys) {
      const kind = key.slice(0, key.indexOf(' '));
      this.groups.set(kind, (this.groups.get(kind) ?? new Set()).add(key.slice(kind.length + 1)));
    }
  }

  /** Is the ladder shown at all? */
  shows(ladder: LadderView): boolean {
    const { order, day } = { order: this.groups.get('order'), day: this.groups.get('day') };
    if (order && !order.has(`${ladder.order}`)) return false;
    if (day && !day.has(dayOf(ladder.pickup, this.clock))) return false;
    if (!this.lights) return true;
    return ladder.rungs.some((r) => this.lit(r)) || ladder.rails.some((r) => this.litRail(r));
  }

  /** Does it ask for people or things, so that some rungs stand out? */
  get lights(): boolean {
    return this.groups.has('person') || this.groups.has('item');
  }

  lit(rung: RungView): boolean {
    const { person, item } = { person: this.groups.get('person'), item: this.groups.get('item') };
    return (!person || rung.who.some((w) => person.has(w.id))) && (!item || rung.items.some((i) => item.has(i)));
  }

  private litRail(rail: RailView): boolean {
    return !this.groups.has('person') && rail.item !== null && (this.groups.get('item')?.has(rail.item) ?? false);
  }
}
