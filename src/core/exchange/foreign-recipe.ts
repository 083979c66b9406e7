/** What a foreign recipe says, in its own words. */
export interface ForeignRecipe {
  name: string;
  description: string;
  ingredients: string[];
  instructions: { name: string; text: string; minutes: number | null }[];
}

/** What could not be read, or was guessed. */
export interface ReportLine {
  text: string;
  message: string;
}
