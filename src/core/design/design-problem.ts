/** What is wrong with a design, and where: "pieces.1.inside.2". */
export interface DesignProblem {
  path: string;
  message: string;
}
