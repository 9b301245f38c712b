import type { Action, ActionOf, Verb } from '../../sewing/actions/action.ts';

/** A step as it is carried out here: what is done, one after the other. */
export interface Doing {
  id: string;
  actions: readonly Action[];
}

/** The steps as a maker reads them through before she begins: what is still to come, and what is in them at all. */
export class Plan {
  readonly all: readonly { step: string; action: Action }[];
  readonly #verbs = new Map<string, Verb>();
  /** How many are done. */
  #at = 0;

  constructor(steps: readonly Doing[]) {
    this.all = steps.flatMap(({ id, actions }) => actions.map((action) => ({ step: id, action })));
    for (const { action } of this.all) {
      const seams = 'seams' in action ? (action.seams ?? []) : [];
      for (const seam of seams) this.#verbs.set(seam, this.#verbs.get(seam) ?? action.verb);
    }
  }

  next(): void {
    this.#at++;
  }

  /** Actions of a verb that are not done yet; of this one on, without it. */
  toCome<V extends Verb>(verb: V, like: (action: ActionOf<V>) => boolean = () => true): ActionOf<V>[] {
    return this.#of(verb, this.all.slice(this.#at + 1)).filter(like);
  }

  /** Whether there are any of those. */
  isToCome<V extends Verb>(verb: V, like?: (action: ActionOf<V>) => boolean): boolean {
    return this.toCome(verb, like).length > 0;
  }

  /** All of a verb, done or not. */
  any<V extends Verb>(verb: V, like: (action: ActionOf<V>) => boolean = () => true): boolean {
    return this.#of(verb, this.all).some(like);
  }

  /** How a seam is sewn. */
  verbOf(seam: string): Verb | undefined {
    return this.#verbs.get(seam);
  }

  #of<V extends Verb>(verb: V, among: readonly { action: Action }[]): ActionOf<V>[] {
    return among.flatMap(({ action }) => (action.verb === verb ? [action as ActionOf<V>] : []));
  }
}
