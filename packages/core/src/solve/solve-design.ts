import { kindOf } from '../document/kind-of.ts';
import { assemble, type Making } from '../bodies/assemble.ts';
import { orderSteps } from '../bodies/order-steps.ts';
import { boardsOfBody } from '../bodies/boards-of-body.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import { given as fixed, largest, type Derived } from '../derived/derived.ts';
import { stacksOf, type DesignDocument } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { measureFace, type MeasuredFace } from '../faces/measure.ts';
import { noClosure } from '../closures/closure-kinds.ts';
import { callPieces } from '../pieces/call-pieces.ts';
import type { MaterialOf } from '../pieces/layers.ts';
import { walkSeams } from '../pieces/walk-seams.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { standIns } from '../shelves/hardware/stand-ins.ts';
import { standardShelves, type Shelves } from '../shelves/shelves.ts';
import { checkClosure, checkGaps, checkPlaces, checkSeams } from './check.ts';
import { checkCarried } from './check-carried.ts';
import { cutPieces } from './cut-pieces.ts';
import { hostsOf, measureHolders, placeHolders } from './holders.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import { checkHardware, withStandIns } from './hardware.ts';
import { materialOf, resolve } from './resolve.ts';
import { checkClearances } from '../fit/check-clearances.ts';
import { fitRooms } from '../fit/fit-rooms.ts';
import type { LengthRule } from '../shelves/rules/house-rule.ts';
import { ruleOf } from '../shelves/rules/rules-for.ts';
import { steady, type SolveMemo } from './memo.ts';
import { checkLimits } from './limits.ts';
import { solveParts } from './parts.ts';
import { pinsOf } from './pins.ts';
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
  const pins = pinsOf(document);
  const hardware = standIns(shelves.hardware, document.hardware);
  const given = { rules, stacks, reach, grid: document.grid, pin: pins.pin, hardware };
  const inputs = memo ? steady(memo, given) : given;
  const faces = bodyKind.faces(params);
  const measured = measureHolders(document, faces, resolved, inputs, kinds, memo);
  const measuredFaces = faces.map(({ id }) => measureFace(id, document.faces[id], measured));
  const closes = bodyKind.closures.includes(document.closure.kind) ? closureKind : noClosure;
  const closing = { ...inputs, hardware, id: 'closure' };
  const above = closes.above?.(document.closure.params, largest('contents', heightsOf(measuredFaces)), closing);
  const exposed = closes.exposes?.(document.closure.params, closing);
  const hosts = hostsOf(document, measured);
  const asked = {
    ...inputs,
    ...(above && { above }),
    ...(closes.meets && { meets: true }),
    ...(exposed && { exposed }),
  };
  const body = bodyKind.size(params, measuredFaces, asked, hosts);
  // a design may still name a face that the body has not, as its settings are
  const there = body.faces.filter(({ id }) => faces.some((face) => face.id === id));
  const placed = placeHolders(document, there, measured, inputs, kinds);
  const closure = closes.solve(document.closure.params, body, closing);
  const { parts, findings: unfit } = solveParts(document, bodyKind, body, closing, kinds);

  const contributions = [
    bodyKind.contribute(body, inputs),
    ...placed.map((holder) => holder.contribution),
    closure.contribution,
    ...parts.map((part) => part.contribution),
  ];
  const making = withStandIns(
    assemble(contributions, stacksOf(document), (id) => materialOf(shelves, id)),
    document,
    shelves,
  );
  const cut = cutPieces(making.pieces);
  const seams = walkSeams(making.pieces, making.seams);
  const table = houseRulesOf(kinds);
  const lines = new Map([...resolved.held.values()].flat().map((held) => [held.line.id, held]));
  const fitted = fitRooms({
    pieces: making.pieces,
    seams,
    rooms: making.rooms,
    shuts: making.shuts,
    opens: making.opens,
    materialOf: (id) => materialOf(shelves, id),
    hardwareOf: (id) => hardwareOf(id, shelves.hardware),
    inset: (id) => inputs.rules.length(ruleOf(table, id) as LengthRule),
    contents: (line) => lines.get(line),
  });
  const holders = placed.map((holder) => holder.readBack(cut, fitted));
  let work: Pick<Solution, 'pieces' | 'operations'> | undefined;
  const onTheTable = () => (work ??= workOf(making, (id) => materialOf(shelves, id)));

  return {
    finished: body.finished,
    closedThickness: body.closedThickness,
    emptyThickness: body.emptyThickness,
    stacks: inputs.stacks,
    body: {
      kind: document.body.kind,
      sizes: body.sizes,
      faces: body.faces,
      readBack: bodyKind.readBack(cut, body, inputs),
    },
    boards: boardsOfBody(bodyKind, body, faces),
    holders,
    closure: { kind: document.closure.kind, sizes: closure.sizes },
    parts: parts.map(({ id, kind, title, sizes }) => ({ id, kind, title, sizes })),
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
    hardware: making.hardware,
    section: bodyKind.section(body, holders, inputs),
    pinnable: pins.pinnable(),
    limitable: limitedSizes(body),
    findings: [
      ...resolved.findings,
      ...checkHardware(document, shelves),
      ...checkPlaces(document, resolved, kinds),
      ...checkClosure(document, bodyKind, closureKind),
      ...unfit,
      ...[...measured.values()].flatMap((holder) => holder.findings),
      ...pins.findings(),
      ...checkLimits(document, limitedSizes(body)),
      ...making.findings,
      ...checkClearances(holders.flatMap(({ clearances }) => clearances)),
      ...checkSeams(seams),
      ...checkGaps(making.pieces, inputs.stacks),
      ...checkCarried(document, making.hardware, resolved, shelves, kinds),
    ],
  };
}

/** The pieces as they are found and called at the table, and the steps in their order. */
function workOf(making: Making, materialOf: MaterialOf): Pick<Solution, 'pieces' | 'operations'> {
  const operations = orderSteps(making, materialOf);
  return { operations, pieces: callPieces(making.pieces, making.seams, operations) };
}

const heightsOf = (faces: MeasuredFace[]): Derived[] => [nothing, ...faces.map(({ height }) => height)];
const nothing = fixed('nothing', 0, { kind: 'standard', path: 'nothing' });

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
