import { Injectable } from '@nestjs/common';
import {
  sizeChanges,
  solveDesign,
  usedBy,
  type DesignDocument,
  type ShelfId,
  type Shelves,
  type SizeChange,
} from '@zindle/core';
import type { Tick } from '../common/progress.ts';
import { DesignsService } from '../designs/designs.service.ts';

/** A stored design that would come out otherwise. */
export interface ChangedDesign {
  id: string;
  name: string;
  /** At most a handful; `more` says how many besides. */
  changes: SizeChange[];
  more: number;
}
export interface WhatChanges {
  designs: ChangedDesign[];
  /** Of how many that were looked at. */
  looked: number;
}

const SHOWN = 6;

/** Solves the stored designs with the shelves as they are and as they would be. */
@Injectable()
export class ChangesService {
  constructor(private readonly designs: DesignsService) {}

  /** @param concerned which designs can be touched at all; default each */
  async whatChanges(
    before: Shelves,
    after: Shelves,
    tick: Tick,
    concerned: (document: DesignDocument) => boolean = () => true,
  ): Promise<WhatChanges> {
    const found: ChangedDesign[] = [];
    let looked = 0;
    const total = await this.designs.count();
    for await (const { id, name, document } of this.designs.readable()) {
      looked++;
      if (looked % 10 === 0) await tick(looked, total);
      if (!concerned(document)) continue;
      const changes = changesOf(document, before, after);
      if (changes.length > 0)
        found.push({ id, name, changes: changes.slice(0, SHOWN), more: Math.max(0, changes.length - SHOWN) });
    }
    return { designs: found, looked };
  }

  /** The designs that name an entry. */
  async usersOf(shelf: ShelfId, id: string): Promise<{ id: string; name: string }[]> {
    const users: { id: string; name: string }[] = [];
    for await (const design of this.designs.readable(id))
      if (usedBy(design.document, shelf).has(id)) users.push({ id: design.id, name: design.name });
    return users;
  }
}

function changesOf(document: DesignDocument, before: Shelves, after: Shelves): SizeChange[] {
  try {
    return sizeChanges(solveDesign(document, before), solveDesign(document, after));
  } catch {
    // a design that this version cannot solve does not change
    return [];
  }
}
