import type { GroupCost } from '../table/cost';
import type { Group } from '../model/step-model';
import { sum } from '../model/random';
import type { GroupRecord } from '../table/records';
import type { Timetable } from '../table/timetable';

/** The best plan so far, as records of the groups; only what changed since is written again. */
export class BestPlan {
  cost: number;
  private readonly records: Map<Group, GroupRecord>;
  private readonly changed = new Set<Group>();

  constructor(
    table: Timetable,
    costs: Map<Group, number>,
    private readonly costOf: GroupCost,
  ) {
    this.cost = sum(costs.values());
    this.records = new Map(table.model.groups.map((g) => [g, table.record(g)]));
  }

  touch(groups: Group[]): void {
    for (const g of groups) this.changed.add(g);
  }

  keep(table: Timetable, cost: number): void {
    for (const g of this.changed) this.records.set(g, table.record(g));
    this.changed.clear();
    this.cost = cost;
  }

  /** Becomes what another has found. */
  takeOver(other: BestPlan): void {
    if (other === this) return;
    for (const [g, record] of other.records) this.records.set(g, record);
    this.changed.clear();
    this.cost = other.cost;
  }

  /** Puts the timetable back to this plan, wherever it was. */
  restoreAll(table: Timetable, costs: Map<Group, number>): void {
    for (const g of this.records.keys()) this.changed.add(g);
    this.goBack(table, costs);
  }

  /** Puts the timetable back to this plan, from what was touched since; returns its cost. */
  goBack(table: Timetable, costs: Map<Group, number>): number {
    const groups = [...this.changed];
    putBack(
      table,
      groups,
      groups.map((g) => this.records.get(g)!),
    );
    for (const g of groups) costs.set(g, this.costOf(table, g));
    this.changed.clear();
    return this.cost;
  }
}

/** Takes groups out, whole, and restores them to where they were recorded. */
export function putBack(table: Timetable, groups: Group[], records: GroupRecord[]): void {
  for (const g of groups) table.removeGroup(g, true);
  groups.forEach((g, i) => table.restore(g, records[i]!));
}
