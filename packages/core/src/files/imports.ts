export * from './shelf-csv/open-table.ts';
export * from './shelf-csv/plan-import.ts';
export * from './shelf-csv/read-shelf-csv.ts';
export * from './shelf-csv/row-message.ts';
export * from './shelf-csv/write-shelf-csv.ts';
export * from './outlines/outline-file.ts';
export * from './outlines/read-dxf-outline.ts';
export * from './outlines/read-svg-outline.ts';
