import {
  addPart,
  bodyPlaces,
  builtInKinds,
  setClosure,
  type BodyPlace,
  type DesignDocument,
  type Edit,
  type Kinds,
} from '@zindle/core';

/** Something that may be set on the body at a place, or is there. */
export interface Addition {
  id: string;
  title: string;
  /** What is selected when it is there already. */
  there: string | undefined;
  edit: Edit;
}

/** What may go to each place of the body: ways to close it, and parts. Places with nothing are left out. */
export function additions(
  { body, closure, parts = [] }: DesignDocument,
  kinds: Kinds = builtInKinds,
): { place: BodyPlace; list: Addition[] }[] {
  const family = kinds.bodies[body.kind];
  const closures = (family?.closures ?? []).flatMap((kind) => {
    const found = kinds.closures[kind];
    if (!found || kind === 'none') return [];
    const there = closure.kind === kind ? 'closure' : undefined;
    return [{ on: found.on, id: `closure/${kind}`, title: found.title, there, edit: setClosure(kind, found.title) }];
  });
  const others = (family?.parts ?? []).flatMap((kind) => {
    const found = kinds.parts[kind];
    // what may close it is offered as that first
    if (!found || (closure.kind === 'none' && family?.closures.includes(kind))) return [];
    const part = parts.find((each) => each.kind === kind);
    const there = part && `parts/${part.id}`;
    return [{ on: found.on, id: `part/${kind}`, title: found.title, there, edit: addPart(kind, found.title) }];
  });
  return bodyPlaces.flatMap((place) => {
    const list = [...closures, ...others].filter(({ on }) => on === place);
    return list.length > 0
      ? [{ place, list: list.map(({ id, title, there, edit }) => ({ id, title, there, edit })) }]
      : [];
  });
}
