/** Texts of a language by those of the program: the values of a text stand in it as {0}, {1}, in any order. */
type Catalogue = Readonly<Record<string, string>>;

/** Every language that the program speaks beside its own. A new one is a file with its texts, and a line here. */
export const LANGUAGES: Record<string, Catalogue> = {};
