import { axes, type Axis, type Triple } from './packable.ts';

const DUST = 1e-9;

/** One thing lies before another along an axis. */
export interface Order {
  axis: Axis;
  first: number;
  then: number;
}
/** What a new order moved, to be put back: thing, where it was, thing, where it was, ... */
export type Undo = number[];

/** Things pushed into a corner as far as their orders allow. Plain numbers in flat arrays: the search asks millions of
 * times. */
export class Corner {
  private readonly at: Float64Array[];
  private readonly size: Float64Array[];
  private readonly after: number[][][];
  private readonly orders = [0, 0, 0];

  constructor(count: number) {
    this.at = axes.map(() => new Float64Array(count));
    this.size = axes.map(() => new Float64Array(count));
    this.after = axes.map(() => Array.from({ length: count }, () => []));
  }

  put(thing: number, way: Triple): void {
    for (let axis = 0; axis < 3; axis++) {
      this.at[axis]![thing] = 0;
      this.size[axis]![thing] = way[axis]!;
    }
  }

  placeOf(thing: number): Triple {
    return [this.at[0]![thing]!, this.at[1]![thing]!, this.at[2]![thing]!];
  }

  sizeOf(thing: number): Triple {
    return [this.size[0]![thing]!, this.size[1]![thing]!, this.size[2]![thing]!];
  }

  ordered(axis: Axis): boolean {
    return this.orders[axis]! > 0;
  }

  /** The box round the first things, mm. */
  extent(count: number): Triple {
    return [this.reach(0, count), this.reach(1, count), this.reach(2, count)];
  }

  /** The two of the first things that overlap most. */
  overlapping(count: number): [number, number] | undefined {
    let worst = 0;
    let pair: [number, number] | undefined;
    for (let other = 1; other < count; other++)
      for (let one = 0; one < other; one++) {
        const shared = this.shared(0, one, other) * this.shared(1, one, other) * this.shared(2, one, other);
        if (shared > worst) [worst, pair] = [shared, [one, other]];
      }
    return pair;
  }

  /** Pushes what must come later along an axis.
   * @returns what to put back, or nothing (and nothing changed) if the things would wait for one another */
  order(order: Order): Undo | undefined {
    const { axis, first, then } = order;
    const [at, size, after] = [this.at[axis]!, this.size[axis]!, this.after[axis]!];
    const undo: Undo = [];
    after[first]!.push(then);
    this.orders[axis]!++;
    const pushed = [first, then];
    while (pushed.length > 0) {
      const thing = pushed.pop()!;
      const before = pushed.pop()!;
      const least = at[before]! + size[before]!;
      if (at[thing]! >= least - DUST) continue;
      if (thing === first) {
        this.undo(order, undo);
        return undefined;
      }
      undo.push(thing, at[thing]!);
      at[thing] = least;
      for (const later of after[thing]!) pushed.push(thing, later);
    }
    return undo;
  }

  undo({ axis, first }: Order, undo: Undo): void {
    for (let index = undo.length - 2; index >= 0; index -= 2) this.at[axis]![undo[index]!] = undo[index + 1]!;
    this.after[axis]![first]!.pop();
    this.orders[axis]!--;
  }

  private reach(axis: Axis, count: number): number {
    const [at, size] = [this.at[axis]!, this.size[axis]!];
    let most = 0;
    for (let thing = 0; thing < count; thing++) most = Math.max(most, at[thing]! + size[thing]!);
    return most;
  }

  private shared(axis: Axis, one: number, other: number): number {
    const [at, size] = [this.at[axis]!, this.size[axis]!];
    const [a, b] = [at[one]!, at[other]!];
    const overlap = Math.min(a + size[one]!, b + size[other]!) - Math.max(a, b);
    return overlap > DUST ? overlap : 0;
  }
}
