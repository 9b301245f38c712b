import { cloth, design, thing } from './words.ts';

/** Sewn in three leaves of felt that does not fray. */
export const tallyTrifold = design({
  id: 'tally-trifold',
  name: 'Tally trifold',
  story:
    'Raw-edged felt for the tally cards: on each outer leaf two lapped pockets that open towards the middle, one short pocket between; notes lie behind the inner panel, which leaves a lip.',
  body: 'folio',
  params: { leaves: '3', edges: 'raw' },
  contents: [
    thing('c1', 'id1-card', 'Tally card', { count: 2, orientation: 'lying' }),
    thing('c2', 'permit', 'Shore permit'),
    thing('c3', 'id1-card', 'Tide card', { count: 2, orientation: 'lying' }),
    thing('c4', 'note-20', 'Ferry money', { count: 2, perHolder: 2, orientation: 'lying' }),
  ],
  stacks: cloth('felt-2', 'felt-1', 'felt-1'),
  holders: [
    { face: 'leaf-1', id: 'A', kind: 'card-tiers', params: { making: 'applied', mouth: 'right' }, lines: ['c1'] },
    { face: 'leaf-2', id: 'B', kind: 'card-tiers', params: { making: 'applied', visible: 25 }, lines: ['c2'] },
    { face: 'leaf-3', id: 'C', kind: 'card-tiers', params: { making: 'applied', mouth: 'left' }, lines: ['c3'] },
    { face: 'notes', id: 'D', kind: 'file-room', lines: ['c4'] },
  ],
});

export const surveyFolio = design({
  id: 'survey-folio',
  name: 'Survey folio',
  story:
    'Three leaves for a low tide: ferry money behind a zipper, the booklet behind mesh, pencils and probes in channels.',
  body: 'folio',
  params: { leaves: '3', edges: 'turned' },
  contents: [
    thing('c1', 'note-50', 'Ferry money', { count: 4, orientation: 'lying' }),
    thing('c2', 'a6-booklet', 'Tide-table booklet'),
    thing('c3', 'pencil', 'Pencil', { count: 3 }),
    thing('c4', 'tweezers', 'Tweezers'),
  ],
  stacks: cloth('canvas-10oz ~interfacing-woven', 'quilting-cotton'),
  holders: [
    { face: 'leaf-1', id: 'A', kind: 'zip-pocket', params: { style: 'window' }, lines: ['c1'] },
    { face: 'leaf-2', id: 'B', kind: 'mesh-pocket', lines: ['c2'] },
    { face: 'leaf-3', id: 'C', kind: 'channel-pocket', params: { visible: 60 }, lines: ['c3', 'c4'] },
  ],
  closure: 'magnets',
  closing: { place: 'upper' },
});

export const crossingFolio = design({
  id: 'crossing-folio',
  name: 'Crossing folio',
  story:
    'Two leaves and a narrow flap for the crossing: booklet and money behind mesh, to which a zipper beside the fold is the only way; pencils in channels that open towards the flap.',
  body: 'folio',
  params: { leaves: '3', edges: 'turned', cover: 'narrow', flap: 51 },
  contents: [
    thing('c1', 'a6-booklet', 'Tide-table booklet', { orientation: 'lying' }),
    thing('c2', 'note-50', 'Ferry money', { count: 4, orientation: 'lying' }),
    thing('c3', 'pencil', 'Pencil', { count: 3 }),
    thing('c4', 'probe', 'Steel probe', { count: 2 }),
  ],
  stacks: cloth('canvas-10oz ~interfacing-woven', 'quilting-cotton'),
  holders: [
    { face: 'leaf-3', id: 'A', kind: 'zip-pocket', params: { style: 'applied', front: 'mesh', mouth: 'left' }, lines: ['c1', 'c2'] }, // prettier-ignore
    { face: 'leaf-2', id: 'B', kind: 'channel-pocket', params: { visible: 40, mouth: 'left' }, lines: ['c3', 'c4'] },
  ],
  closure: 'magnets',
});

export const tideJacket = design({
  id: 'tide-jacket',
  name: 'Tide-table jacket',
  story: 'A jacket for the tide tables that takes next year’s thicker booklet too: one flap is held by an elastic.',
  body: 'jacket',
  contents: [thing('c1', 'a6-booklet', 'Tide-table booklet')],
  stacks: cloth('linen ~interfacing-woven', 'cotton-lawn'),
  holders: [{ face: 'cover', id: 'A', kind: 'book-cover', params: { board: 0.3 }, lines: ['c1'] }],
});
