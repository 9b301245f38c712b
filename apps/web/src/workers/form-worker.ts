import {
  formOf,
  skinOf,
  viewOf,
  type FlatSeam,
  type FormView,
  type OverMouth,
  type SkinPiece,
} from '@zindle/core/form';

/** Pieces and seams of a solution, as plain data. */
export interface FormTask {
  task: number;
  pieces: SkinPiece[];
  seams: FlatSeam[];
  over: OverMouth;
}

/** The finished thing as it is seen; nothing if it cannot be folded. */
export interface FormDone {
  task: number;
  view?: FormView;
}

/** Folding a hard case takes a tenth of a second: not on the thread that draws. */
self.onmessage = ({ data: { task, pieces, seams, over } }: MessageEvent<FormTask>) => {
  const done: FormDone = { task };
  try {
    const skin = skinOf(pieces, seams, ['exterior']);
    if (skin.pieces.length > 0) done.view = viewOf(formOf(skin.pieces, skin.seams), { over });
  } finally {
    self.postMessage(done);
  }
};
