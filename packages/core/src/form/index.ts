export * from './form.ts';
export type { OverMouth } from './over-mouth.ts';
export * from './skin.ts';
export * from './solid.ts';
export * from './thick.ts';
export * from './view.ts';
export type { FlatPiece, FlatSeam, SkinPiece } from './flat.ts';
