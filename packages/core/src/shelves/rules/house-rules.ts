import { foldSchools, type FoldSchool } from '../../sizing/fold-over.ts';
import { shoulderSchools, type ShoulderSchool } from '../../sizing/flap.ts';

/** How a lining is made smaller than its shell. */
export const liningSchools = ['computed', 'shorter', 'deeper', 'tapered', 'same'] as const;
export type LiningSchool = (typeof liningSchools)[number];

/** A length the maker can change for all her designs, or for one. */
export interface LengthRule {
  kind: 'length';
  title: string;
  /** mm */
  standard: number;
  least: number;
  most: number;
  why: string;
}
export interface ChoiceRule<T extends string = string> {
  kind: 'choice';
  title: string;
  standard: T;
  choices: readonly T[];
  why: string;
}

const length = (title: string, standard: number, least: number, most: number, why: string): LengthRule => ({
  kind: 'length',
  title,
  standard,
  least,
  most,
  why,
});

/** House rules: common practice unless it says otherwise; a design may override each of them. */
export const houseRules = {
  'ease.card.across': length('Ease, card in a slot, across', 3, 1.5, 5, 'Less grips, more lets the card slip out.'),
  'ease.card.deep': length('Ease, card in a slot, deep', 1, 0, 4, 'Keeps the card off the stitches below it.'),
  'ease.note.across': length('Ease, notes, across', 6, 2, 20, 'Notes are pushed in by hand, often several at once.'),
  'ease.note.deep': length('Ease, notes, deep', 3, 0, 15, 'Keeps the notes below the top edge.'),
  'ease.cavity.across': length('Ease, inside, across', 3, 1, 25, 'Rigid things 2 to 6, loose ones 12 to 25.'),
  'ease.cavity.end': length('Ease, inside, at the end', 5, 0, 60, 'So that the mouth closes above it.'),
  'ease.channel.across': length(
    'Ease, tool in a channel, across',
    2,
    0,
    10,
    'Beyond what the cloth takes going round it.',
  ),
  'ease.channel.end': length('Cloth above the longest tool', 20, 5, 120, 'Keeps the tips in when it is rolled.'),
  'tie.bow': length('Bow of the tie', 300, 100, 800, 'Both ends and the bow together.'),
  'cavity.visible': length(
    'Stands out of the mouth',
    0,
    0,
    300,
    'Nothing for what is enclosed, a grip for what is pulled out.',
  ),
  'snap.inset': length('First snap from the side', 30, 10, 100, 'Clear of the side seam.'),
  'snap.down': length('Snaps below the mouth', 15, 8, 60, 'The cap needs cloth all round it.'),
  'ease.pocket.across': length('Ease, thing in a pocket, across', 3, 1, 25, 'A rigid thing in a fitted pocket 2 to 6.'),
  'ease.pocket.deep': length('Ease, thing in a pocket, deep', 3, 0, 25, 'Keeps it off the stitches below it.'),
  'ease.round.across': length('Clear round the thing, each side', 4, 1, 30, 'A round base has no corners to give.'),
  'ease.book': length('Ease, book in its jacket', 3, 1, 8, 'Less holds the boards tight, more lets the jacket slip.'),
  'pocket.visible': length('Stands out of the pocket', 0, 0, 300, 'Nothing hides it, ten or more gives a grip.'),
  'pocket.frame': length(
    'Clear of the edges of the face',
    8,
    2,
    60,
    'A pocket on the outside stands off fold and mouth.',
  ),
  'mesh.less': length('Mesh cut narrower by', 4, 0, 20, 'Stretched across, it lies flat when empty.'),
  'zip.beyond': length('Zipper beyond its opening, each end', 20, 10, 60, 'Stops and metal stay out of the seams.'),
  'zip.seam': length(
    'Zipper sewn in from the edge of its tape',
    6,
    3,
    9,
    'The rest of it shows between the two edges.',
  ),
  'zip.clear': length('Zipper opens so far before an end seam', 12, 6, 40, 'No stop and no tooth lies in a seam.'),
  'zip.window': length('Window of a zipper, high', 10, 6, 20, 'The teeth and a little tape show.'),
  'zip.drop': length('Window below the top of its pocket', 25, 12, 80, 'Clear of the seams and of the fold.'),
  'loop.pitch': length('Clear between loops', 4, 1, 40, 'Room for fingers.'),
  'divider.above': length('Divider clear of the base', 10, 0, 80, 'Loose dividers hang free of the bottom.'),
  'corner.cut': length('Corners cut off by', 40, 10, 150, 'So that the thing can be pushed out and gripped.'),
  'handle.drop': length('Handle hangs down by', 200, 40, 700, 'A hand 100, an elbow 250, a shoulder 300 and more.'),
  'handle.spread': length('Between the ends of a handle', 120, 40, 500, 'As far apart as a third of the mouth.'),
  'handle.embed': length('Handle ends buried by', 30, 10, 150, 'Deeper holds more and shortens the drop.'),
  'cord.tail': length('Cord out of the mouth, each end', 120, 40, 500, 'To knot, and to pull.'),
  'cord.header': length('Cloth above the casing', 20, 0, 100, 'Ruffles above the cord when it is drawn.'),
  'wrap.bow': length('Bow of the ribbon, both tails', 400, 150, 1200, 'Five widths are common and often found short.'),
  'strap.width': length('Strap width', 30, 15, 80, 'Wider than the fastener by its width on each side.'),
  'strap.down': length('Strap sewn to the back below the mouth', 40, 15, 150, 'Deep enough for a box and a cross.'),
  'strap.overlap': length('Strap lies on the front by', 60, 20, 200, 'Room for the fastener and a thumb.'),
  'strap.inset': length('Fastener from the end of the strap', 18, 8, 60, 'Its plate needs cloth all round it.'),
  'shell.margin': length('Plate larger than what it holds, each side', 3, 0, 20, 'Keeps a knock away from the thing.'),
  'shell.offset': length('Stitched so far outside the plate', 2, 0.5, 6, 'The needle must pass beside it.'),
  'shell.radius': length('Radius of a hard case’s corners', 20, 8, 80, 'A stiff gusset goes round 15 and more.'),
  'shell.hinge': length('Hinge of a hard case', 100, 30, 400, 'The longer, the less the lid opens at its corners.'),
  'frame.ease': length(
    'Ease, frame in its channel',
    4,
    1,
    12,
    'Too tight, and the wire cannot be pushed round the corner.',
  ),
  'accordion.margin': length('Pleat deeper than half its load by', 1, 0.5, 10, 'So that it opens without pulling.'),
  'bite.top': length('Gusset pinched at a divider, at the top', 6, 0, 20, 'Wider at the top: the mouth stays narrow.'),
  'bite.bottom': length(
    'Gusset pinched at a divider, at the bottom',
    3,
    0,
    20,
    'Narrower at the bottom, where the things lie.',
  ),
  'divider.taper': length(
    'Divider narrower at the top, each side',
    3,
    0,
    15,
    'So that it does not peek out when loaded.',
  ),
  'flap.overlap': length('Flap lies on the front by', 70, 20, 300, 'Room for the fastener, and what rain asks for.'),
  'flap.inset': length('Flap narrower than the mouth, each side', 2, 0, 30, 'So that its edges do not stand out.'),
  'flap.fastener': length('Fastener from the flap’s end', 20, 8, 60, 'Its plate needs cloth all round it.'),
  'flap.corner': length('Radius of the flap’s corners', 20, 6, 80, 'Small ones are hard to turn in thick cloth.'),
  'magnet.inset': length('Magnet from the edge', 16, 10, 50, 'Its plate stays clear of the stitching.'),
  'jacket.flap': length('Flaps of a jacket', 95, 60, 120, 'About a hand, and 10 less than the board.'),
  'jacket.board': length('Thickness of a board', 2, 0.1, 6, 'Paper covers 0.3, board covers 2 to 3.'),
  'jacket.tuck': length('Loose flap under its elastic by', 20, 5, 60, 'More takes a wider range of spines.'),
  'trim.height': length('Trim band, high', 40, 15, 120, 'High enough to be seen, clear of the casing.'),
  'lining.shorter': length(
    'Lining smaller by a set amount',
    3,
    0,
    15,
    'What many makers take by habit; thick cloth asks more.',
  ),
  'roll.flap': length('Flap over the top of a roll', 70, 30, 200, 'Deep enough to cover the tips.'),
  'shoulder.drop': length('Shoulder strap hangs down by', 550, 200, 900, 'Across the body 600 and more.'),
  'raw.inset': length(
    'Raw edges, stitched from the edge',
    3,
    1.5,
    6,
    'No wider than planned: it takes from the slots.',
  ),
  'raw.lip': length('Lip left by the inner panel', 5, 0, 25, 'Opens the room behind it to the fingers.'),
  'leaf.less': length('Leaf that folds in first, narrower by', 2, 0, 15, 'Besides the thickness that it must clear.'),
  'leaf.corner': length(
    'Radius of the corners',
    20,
    6,
    60,
    'A zipper round the edge wants three times its half width.',
  ),
  'seam.allowance': length('Seam allowance', 6, 3, 20, 'Narrow enough to turn small corners.'),
  'topstitch.inset': length('Topstitching, from the edge', 2, 0, 6, 'Holds the edge flat; bites into slots beside it.'),
  'mouth.hem': length('Mouth hem', 10, 5, 25, 'Turned in twice, half of it each time.'),
  'tiers.reveal': length('Reveal, mouth to mouth', 12, 6, 40, 'Shows which card is which.'),
  'tiers.visible': length('Card shows above its mouth', 10, 0, 30, 'Ten or more gives the fingers a grip.'),
  'panel.setBack': length('Panel stands back from the mouth', 2, 0, 10, 'Keeps two edges from piling up.'),
  'fold.gutter': length('Clear of the fold, each side', 1, 0.5, 10, 'Never fold on a card.'),
  'fold.loss': length('Swallowed by each pressed fold', 0, 0, 2, 'Measure a pressed pleat in thick cloth.'),
  'note.reveal': length('Notes mouth below the top edge', 8, 0, 40, 'Opens the compartment to the fingers.'),
  'turning.gap': length('Turning gap', 50, 25, 100, 'Soft and small 25 to 50, quilted 50 to 75, padded more.'),
  'tab.width': length('Tab width', 25, 15, 60, 'Wider than the snap by its width on each side.'),
  'tab.overlap': length('Tab lies on the front by', 35, 15, 80, 'Room for the snap and a thumb.'),
  'tab.fastenerInset': length('Snap from the tab’s end', 12, 8, 40, 'The cap needs cloth all round it.'),
  'fold.school': {
    kind: 'choice',
    title: 'The fold closes',
    standard: 'rounded',
    choices: foldSchools,
    why: 'Rounded: cloth runs round the contents. Square: creased at two lines.',
  } satisfies ChoiceRule<FoldSchool>,
  'lining.school': {
    kind: 'choice',
    title: 'The lining is cut',
    standard: 'computed',
    choices: liningSchools,
    why: 'Computed: smaller by the turn of cloth. Shorter, deeper bottom seam or tapered sides: by a set amount. Same: for thin cloth.',
  } satisfies ChoiceRule<LiningSchool>,
  'tab.school': {
    kind: 'choice',
    title: 'The tab goes over the edge',
    standard: 'rounded',
    choices: shoulderSchools,
    why: 'Rounded: soft edges. Square: boxy, firm edges.',
  } satisfies ChoiceRule<ShoulderSchool>,
} as const satisfies Record<string, LengthRule | ChoiceRule>;

export type HouseRuleId = keyof typeof houseRules;
export type LengthRuleId = {
  [Id in HouseRuleId]: (typeof houseRules)[Id]['kind'] extends 'length' ? Id : never;
}[HouseRuleId];
export type ChoiceRuleId = Exclude<HouseRuleId, LengthRuleId>;
/** What a maker has set otherwise: lengths in mm, or one of the choices. */
export type RuleSettings = Partial<Record<HouseRuleId, number | string>>;

export const isHouseRule = (id: string): id is HouseRuleId => Object.hasOwn(houseRules, id);
