import { kindOf } from '../document/kind-of.ts';
import type { Making } from '../bodies/assemble.ts';
import { orderSteps } from '../bodies/order-steps.ts';
import { boardsOfBody } from '../bodies/boards-of-body.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { facesOfDesign } from '../kinds/faces-of.ts';
import { beneathEdge } from '../closures/beneath.ts';
import { canClose } from '../bodies/exclusions.ts';
import { noClosure } from '../closures/closure-kinds.ts';
import { callPieces } from '../pieces/call-pieces.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { standIns } from '../shelves/hardware/stand-ins.ts';
import { nameOn } from '../shelves/name-on.ts';
import { standardShelves, type Shelves } from '../shelves/shelves.ts';
import { tellOperations } from '../sewing/tell/tell-operations.ts';
import { checkChoices, checkClosure, checkGaps, checkPlaces, checkSeams } from './check.ts';
import { checkCloth } from './check-cloth.ts';
import { checkOwnPieces } from './check-own-pieces.ts';
import { checkCarried } from './check-carried.ts';
import { measureHolders } from './holders.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import { checkHardware } from './hardware.ts';
import { materialOf, resolve } from './resolve.ts';
import { checkClearances } from '../fit/check-clearances.ts';
import { checkPassing } from '../fit/check-passing.ts';
import { insideOf } from './inside-of.ts';
import { fitRooms } from '../fit/fit-rooms.ts';
import type { Fitting } from '../fit/fitting.ts';
import { checkFasteners } from '../fit/check-fasteners.ts';
import { CutParts } from '../fit/cut-parts.ts';
import { checkInside } from '../fit/check-inside.ts';
import { checkCords } from '../fit/check-cords.ts';
import { checkDrawn } from '../fit/check-drawn.ts';
import { checkLaps } from '../fit/check-laps.ts';
import { checkMeetings } from '../fit/check-meetings.ts';
import { checkCorners } from '../fit/check-corners.ts';
import { checkHeld } from '../fit/check-held.ts';
import { driftOf, fitLaps } from '../fit/laps.ts';
import { checkStands } from '../fit/check-stands.ts';
import { checkOpen } from '../fit/check-open.ts';
import type { LengthRule } from '../shelves/rules/house-rule.ts';
import { ruleOf, type Rules } from '../shelves/rules/rules-for.ts';
import { checkLeaves } from './check-leaves.ts';
import { checkScale } from './check-scale.ts';
import { steady, type SolveMemo } from './memo.ts';
import { checkLimits } from './limits.ts';
import { makePieces } from './make-pieces.ts';
import { obeyPins } from './obey-pins.ts';
import { forPart, hasOwnLayers, ownStacks, type Inputs, type StacksByPart } from './own-stacks.ts';
import { checkPins } from './pins.ts';
import { sizeBody, sizeMeasured, type SizeRun } from './size-body.ts';
import { checkRuler } from '../pieces/ruler.ts';
import type { Solution } from './solution.ts';

/** The whole product in one function: what it must hold goes in, everything to make it comes out.
 *
 * Inside out: contents make holders, holders make faces, faces make the body. Outside in: the sized body gives its
 * faces room, holders are placed and contribute pieces and seams; those are cut, walked and read back.
 * @param memo what was measured before is taken from here where nothing it depends on has changed
 * @throws CoreError `body.unknownKind`, `closure.unknownKind` */
export function solveDesign(
  document: DesignDocument,
  shelves: Shelves = standardShelves,
  kinds: Kinds = builtInKinds,
  memo?: SolveMemo,
): Solution {
  const bodyKind = kindOf(kinds.bodies, document.body.kind);
  const closureKind = kindOf(kinds.closures, document.closure.kind);
  if (!bodyKind) throw new CoreError('body.unknownKind', `there is no body “${document.body.kind}”`, 'body');
  if (!closureKind)
    throw new CoreError('closure.unknownKind', `there is no closure “${document.closure.kind}”`, 'closure');

  const resolved = resolve(document, shelves, houseRulesOf(kinds));
  const { params } = document.body;
  const { rules, stacks, reach } = bodyKind.adapt?.(params, resolved) ?? resolved;
  const hardware = standIns(shelves.hardware, document.hardware);
  const closes = canClose(bodyKind, params, document.closure.kind) ? closureKind : noClosure;
  const faces = facesOfDesign(document, kinds);
  const toSize = { document, bodyKind, closes, faces, kinds };
  const inputsOf = (run: SizeRun, byPart?: StacksByPart, remember?: SolveMemo): Inputs => {
    const given = { rules, stacks, cutStacks: resolved.stacks, reach, grid: document.grid, hardware, ...run };
    if (byPart) return forPart({ ...given, byPart }, 'body');
    return remember ? steady(remember, given) : given;
  };
  // what is sized again because of a pin is not remembered
  const sizedWith = (byPart?: StacksByPart) =>
    obeyPins(document, resolved.held, {
      body: (held, run, first) =>
        sizeBody(toSize, held, inputsOf(run, byPart, first ? memo : undefined), first ? memo : undefined),
      holders: (held, run) => measureHolders(document, faces, held, inputsOf(run, byPart), kinds),
      around: (measured, run) => sizeMeasured(toSize, measured, inputsOf(run, byPart)),
      make: (fitted, run) => makePieces(toSize, fitted, shelves, inputsOf(run, byPart, memo)),
    });
  const byRole = sizedWith();
  // which role a piece has is known once it is made
  const sized = hasOwnLayers(document)
    ? sizedWith(ownStacks(document, byRole.made.making.pieces, { stacks, reach }, resolved, shelves))
    : byRole;
  const { body, measured, pinnable, made } = sized;
  const { inputs, placed, closure, parts, unfit, making, cut, seams } = made;
  const limitable = limitedSizes(body);
  const table = houseRulesOf(kinds);
  const lines = new Map([...resolved.held.values()].flat().map((held) => [held.line.id, held]));
  const fitting: Fitting = {
    pieces: making.pieces,
    seams,
    rooms: making.rooms,
    shuts: making.shuts,
    opens: making.opens,
    laps: making.laps,
    meetings: making.meetings,
    onBase: making.onBase,
    ...insideOf(body),
    closed: beneathEdge(body),
    materialOf: (id) => materialOf(shelves, id),
    hardwareOf: (id) => hardwareOf(id, shelves.hardware),
    inset: (id) => inputs.rules.length(ruleOf(table, id) as LengthRule),
    contents: (line) => lines.get(line),
  };
  const cutParts = new CutParts(fitting);
  const fitted = fitRooms(fitting, cutParts);
  const laps = fitLaps(fitting, cutParts);
  const holders = placed.map((holder) => holder.withClearances(fitted));
  let work: Pick<Solution, 'pieces' | 'operations'> | undefined;
  const onTheTable = () => (work ??= workOf(making, shelves, resolved.rules));

  return {
    finished: body.finished,
    closedThickness: body.closedThickness,
    emptyThickness: body.emptyThickness,
    stacks: inputs.stacks,
    body: {
      kind: document.body.kind,
      sizes: body.sizes,
      faces: [...body.faces, ...placed.flatMap((part) => part.faces)],
      beneath: beneathEdge(body),
      readBack: bodyKind.readBack(cut, body, inputs),
    },
    boards: [
      ...boardsOfBody(bodyKind, body, faces),
      ...(closes.boards?.(closure, body.faces) ?? []),
      ...placed.flatMap(({ boards }) => boards),
    ],
    holders,
    closure: { kind: document.closure.kind, sizes: { ...closure.sizes, ...driftOf('closure', laps) } },
    ...(document.ruler && { ruler: document.ruler }),
    parts: parts.map(({ id, kind, title, sizes }) => ({
      id,
      kind,
      title,
      sizes: { ...sizes, ...driftOf(`parts/${id}`, laps) },
    })),
    // while a handle is dragged nobody looks at them
    get pieces() {
      return onTheTable().pieces;
    },
    get operations() {
      return onTheTable().operations;
    },
    seams,
    rooms: making.rooms,
    shuts: making.shuts,
    opens: making.opens,
    laps: making.laps,
    meetings: making.meetings,
    onBase: making.onBase,
    hardware: making.hardware,
    section: bodyKind.section(body, holders, inputs),
    pinnable,
    limitable,
    findings: [
      ...resolved.findings,
      ...checkHardware(document, shelves),
      ...checkPlaces(document, resolved, kinds),
      ...checkClosure(document, bodyKind, closureKind),
      ...checkChoices(document, bodyKind),
      ...unfit,
      ...[...measured].flatMap(([id, holder]) => (sized.unpinned.get(id) ?? holder).findings),
      ...checkPins(document, pinnable),
      ...checkLimits(document, limitable),
      ...checkScale(document, bodyKind, limitable),
      ...making.findings,
      ...checkLeaves(faces, body.faces, holders),
      ...checkOpen(making.rooms, cutParts),
      ...checkStands(making.rooms, fitting.contents),
      ...checkInside(fitting, cutParts),
      ...checkClearances(holders.flatMap(({ clearances }) => clearances)),
      ...checkHeld(fitted, fitting.contents),
      ...checkCorners(fitting, cutParts),
      ...checkSeams(seams),
      ...checkOwnPieces(document, making.pieces),
      ...checkCloth(making.pieces, (id) => materialOf(shelves, id)),
      ...checkRuler(making.pieces, seams, document.ruler),
      ...checkGaps(making.pieces, inputs.stacks),
      ...checkFasteners(fitting, cutParts),
      ...checkLaps(fitting, cutParts, laps),
      ...checkMeetings(fitting, cutParts),
      ...checkCords(fitting, cutParts),
      ...checkDrawn(fitting, cutParts),
      ...checkPassing(making.pieces, (id) => materialOf(shelves, id)),
      ...checkCarried(document, making.hardware, resolved, shelves, kinds),
    ],
  };
}

/** The pieces as they are found and called at the table, and the steps in their order. */
function workOf(making: Making, shelves: Shelves, rules: Rules): Pick<Solution, 'pieces' | 'operations'> {
  const steps = orderSteps(making, (id) => materialOf(shelves, id));
  const pieces = callPieces(making.pieces, making.seams, steps);
  const thicknessOf = (id: string) =>
    materialOf(shelves, id)?.thickness ?? hardwareOf(id, shelves.hardware)?.thickness ?? 0;
  return {
    pieces,
    operations: tellOperations(steps, pieces, making.seams, { rules, nameOf: nameOn(shelves), thicknessOf }),
  };
}

/** The sizes that a maker may set a limit on, by path. */
const limitedSizes = ({
  finished,
  sizes,
  outermost = [],
  closedThickness,
  emptyThickness,
}: SizedBody): Record<string, Derived> => ({
  ...Object.fromEntries(Object.entries(finished).map(([name, size]) => [`finished/${name}`, size])),
  ...Object.fromEntries(outermost.flatMap((name) => (sizes[name] ? [[`body/${name}`, sizes[name]]] : []))),
  'thickness/full': closedThickness,
  'thickness/empty': emptyThickness,
});
