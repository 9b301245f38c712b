/** Something about a row of a table that is read in; `stop` keeps the whole table out. */
export interface RowMessage {
  /** As a spreadsheet numbers it: 1 is the heading. */
  row: number;
  column?: string;
  severity: 'stop' | 'note';
  text: string;
}
