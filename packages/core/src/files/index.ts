export * from './chart-csv.ts';
export * from './pattern-pdf.ts';
export * from './pattern-svg.ts';
export * from './place-on-paper.ts';
export * from './settings-csv.ts';
export * from './words.ts';
