/** A choice of a body that leaves no place for some closures, or for a choice of another of its settings. */
export interface Exclusion {
  /** Name of the setting, and the choice. */
  param: string;
  choice: string;
  /** Ids of the closures; default none. */
  closures?: readonly string[];
  /** Choices of other settings, by their names; default none. */
  settings?: Readonly<Record<string, string>>;
  /** Why, as the end of a sentence. */
  why: string;
}
