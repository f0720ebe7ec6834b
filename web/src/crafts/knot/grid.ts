/** A knot on the grid: which places it spans, and at which level, from the top, it is tied. */
export interface Tied {
  number: number;
  kind: string;
  hand: string;
  from: number;
  cords: number;
  level: number;
  row: number;
  bead: number;
}
/** A cord on the grid: places and levels it comes through, from the top. */
export type Way = [place: number, level: number][];

/** A knot as the core tells it: kind, hand, how many cords, its first place, its row, and its bead or 0. */
export type Told = [kind: string, hand: string, cords: number, from: number, row: number, bead: number];

/** Knots laid on a grid of cords and levels, each as high as its cords let it stand; and the ways of all cords through them. */
export class Grid {
  readonly tied: Tied[] = [];
  readonly ways: Way[];
  readonly levels: number;
  /** Places that knots over the join of what is closed reach on beyond the last cord. */
  readonly beyond: number;
  private readonly at: number[];
  private readonly down: number[];

  constructor(
    readonly cords: number,
    knots: Told[],
  ) {
    this.at = Array.from({ length: cords }, (_, i) => i);
    this.down = this.at.map(() => 0);
    this.ways = this.at.map((place) => [[place, 0]]);
    knots.forEach((knot, number) => this.lay(knot, number));
    this.beyond = Math.max(0, ...this.tied.map((knot) => knot.from + knot.cords - cords));
    this.levels = Math.max(...this.down, 1);
    this.at.forEach((cord, place) => this.ways[cord]!.push([place, this.levels]));
  }

  private lay([kind, hand, cords, from, row, bead]: Told, number: number) {
    const places = Array.from({ length: cords }, (_, i) => from + i);
    const ordered = hand === "right" ? places : [...places].reverse();
    const fall = kind === "diagonal" ? 1 : 0;
    const home = (place: number) => place % this.cords;
    const level = Math.max(...ordered.map((place, i) => this.down[home(place)]! - Math.max(i - 1, 0) * fall));
    this.tied.push({ number, kind, hand, from, cords, level, row, bead });
    const own = ordered.map((place) => this.at[home(place)]!);
    const to = out(kind, cords).map((i) => ordered[i]!);
    const last = cords - 1;
    const leaves = ordered.map((_, i) => level + 1 + fall * (i === 0 ? last - 1 : i - 1));
    const enters = ordered.map((_, i) => level + fall * Math.max(i - 1, 0));
    own.forEach((cord, i) => this.ways[cord]!.push([ordered[i]!, enters[i]! + 0.15], [to[i]!, leaves[i]! - 0.15]));
    own.forEach((cord, i) => {
      this.at[home(to[i]!)] = cord;
      this.down[home(to[i]!)] = leaves[i]!;
    });
  }
}

/** Where each cord of a knot comes out, by its place in the order it is tied. */
function out(kind: string, cords: number): number[] {
  const last = cords - 1;
  const straight = Array.from({ length: cords }, (_, i) => i);
  if (["bar", "diagonal", "vertical"].includes(kind)) return straight.map((i) => (i === 0 ? last : i - 1));
  if (kind === "half") return straight.map((i) => (i === 0 ? last : i === last ? 0 : i));
  return kind === "exchange" ? [1, 0, 3, 2] : straight;
}
