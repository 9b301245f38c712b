/** A table of things that all differ, as CSV.
 * @param rows how many
 * @param mark stands in each name, so that two tables share none */
export function largeTable(rows: number, mark = 'Tag'): string {
  const lines = Array.from({ length: rows }, (_, row) => `${mark} ${row},${40 + (row % 900)},${20 + (row % 300)},2`);
  return `Name,Length (mm),Width (mm),Thickness (mm)\n${lines.join('\n')}\n`;
}
