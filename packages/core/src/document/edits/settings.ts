import { lower } from '../../errors/first-letter.ts';
import type { HouseRule } from '../../shelves/rules/house-rule.ts';
import { gridLabel, type GridId, type RulerId } from '../../units/grid.ts';
import type { LengthUnit } from '../../units/length.ts';
import type { Layer, ParamValue, Role } from '../design-document.ts';
import type { Edit } from './edit.ts';
import { begun } from './usual.ts';
import { withParam } from './with-param.ts';

/** Sets a house rule for this design; nothing goes back to the maker's own. Lengths in mm. */
export const setRule = ({ id, title }: Pick<HouseRule, 'id' | 'title'>, value: number | string | undefined): Edit => ({
  name: `Change ${lower(title)}`,
  apply: (document) => ({ ...document, rules: withParam(document.rules, id, value) }),
});

/** Sets a parameter of a holder; nothing goes back to its house rule. Lengths in mm. */
export const setHolderParam = (holder: string, title: string, key: string, value: ParamValue | undefined): Edit => ({
  name: `Change ${lower(title)} of ${holder}`,
  apply: (document) => ({
    ...document,
    holders: document.holders.map((each) =>
      each.id === holder ? { ...each, params: withParam(each.params, key, value) } : each,
    ),
  }),
});

/** Sets a parameter of the closure. Lengths in mm. */
export const setClosureParam = (title: string, key: string, value: ParamValue | undefined): Edit => ({
  name: `Change ${lower(title)}`,
  apply: (document) => ({
    ...document,
    closure: { ...document.closure, params: withParam(document.closure.params, key, value) },
  }),
});

/** Sets a parameter of the body. */
export const setBodyParam = (title: string, key: string, value: ParamValue | undefined): Edit => ({
  name: `Change ${lower(title)}`,
  apply: (document) => ({
    ...document,
    body: { ...document.body, params: withParam(document.body.params, key, value) },
  }),
});

/** Chooses how it closes. */
export const setClosure = (kind: string, title: string): Edit => ({
  name: `Close with ${lower(title)}`,
  apply: (document, kinds) => ({ ...document, closure: { kind, params: begun(kinds, 'closures', kind) } }),
});

/** Chooses the layers of a role. */
export const setStack = (role: Role, layers: Layer[]): Edit => ({
  name: `Change the ${role} cloth`,
  apply: (document) => ({ ...document, stacks: { ...document.stacks, [role]: layers } }),
});

/** Pins a size, or lets it go again. mm */
export const setPin = (path: string, label: string, value: number | undefined): Edit => ({
  name: value === undefined ? `Let ${lower(label)} go` : `Pin ${lower(label)}`,
  apply: (document) => ({ ...document, pins: withParam(document.pins ?? {}, path, value) }),
});

/** Sets the most that a finished size may be, or lifts it again. mm */
export const setLimit = (path: string, label: string, value: number | undefined): Edit => ({
  name: value === undefined ? `Lift the limit on ${lower(label)}` : `Limit ${lower(label)}`,
  apply: (document) => ({ ...document, limits: withParam(document.limits ?? {}, path, value) }),
});

/** Uses an entry in place of a piece of standard hardware, or the standard one again. */
export const setHardware = (standard: string, name: string, instead: string | undefined): Edit => ({
  name: `Use ${name}`,
  apply: (document) => ({ ...document, hardware: withParam(document.hardware ?? {}, standard, instead) }),
});

export const rename = (name: string): Edit => ({
  name: `Rename to “${name}”`,
  apply: (document) => ({ ...document, name }),
});

export const setUnit = (unit: LengthUnit): Edit => ({
  name: `Show ${unit === 'in' ? 'inches' : unit}`,
  apply: (document) => ({ ...document, unit }),
});

export const setGrid = (grid: GridId): Edit => ({
  name: `Round to ${gridLabel(grid)}`,
  apply: (document) => ({ ...document, grid }),
});

/** Cut by a ruler, or from the pattern if there is none. */
export const setRuler = (ruler: RulerId | undefined): Edit => ({
  name: ruler ? `Cut by a ruler read to ${gridLabel(ruler)}` : 'Cut from the pattern',
  apply({ ruler: _before, ...document }) {
    return ruler ? { ...document, ruler } : document;
  },
});
