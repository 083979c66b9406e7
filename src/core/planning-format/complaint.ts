export interface Complaint {
  /** Where in the problem, as in `steps[3].oven.celsius`. */
  path: string;
  message: string;
}
