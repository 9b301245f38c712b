import { facePocket } from './face-pocket.ts';
import { meshLess } from './rules.ts';

/** A plain patch of doubled cloth. */
export const slipPocket = facePocket({
  kind: 'slip-pocket',
  title: 'Slip pocket',
  role: 'pocket',
  front: 'fold',
  suits: ({ thickness }) => ({ score: thickness <= 12 ? 0.55 : 0.2, why: 'A plain pocket, for what is flat.' }),
});

/** Mesh cut a little narrower and stretched across, its mouth bound. */
export const meshPocket = facePocket({
  kind: 'mesh-pocket',
  title: 'Mesh pocket',
  role: 'mesh',
  front: 'bound',
  less: ({ rules }) => rules.length(meshLess),
  rules: [meshLess],
  suits: () => ({ score: 0.3, why: 'Shows what is in it, and lets it dry.' }),
});

/** A sheet behind clear film, its mouth bound. */
export const pageSleeve = facePocket({
  kind: 'page-sleeve',
  title: 'Page sleeve',
  role: 'mesh',
  front: 'bound',
  suits: ({ shape, rigid, thickness }) => ({
    score: shape === 'card' && !rigid && thickness < 3 ? 0.4 : 0.1,
    why: 'Keeps a sheet to be read through film.',
  }),
});
