/** A plan lasts `likely`; simulation uses all three. Minutes. */
export interface Minutes {
  low: number;
  likely: number;
  high: number;
}
