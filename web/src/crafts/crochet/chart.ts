import type { Item } from "../../api/fabrics";

/** A row as its chart needs it. */
export interface ChartRow {
  heads: number;
  items: Item[];
}
/** One stitch of a chart: where its head stands and what it is worked into, in columns and rows; `place`: its own in its row. */
export interface Mark {
  kind: string;
  head: [number, number];
  feet: [number, number][];
  row: number;
  place: number | null;
  item: number;
}

/** Where the places of each row stand, the first being the beginning: in columns, or in turns of a round. */
interface Lying {
  count: number;
  from: number;
  step: number;
}

/** Every stitch of a row in order: what it is, which places below it takes, and its own. */
export function* stitchesOf(
  row: ChartRow,
): Generator<{ kind: string; feet: number[]; head: number | null; item: number }> {
  let [below, head] = [0, 0];
  for (const [item, { kind, times, into, over }] of row.items.entries()) {
    if (kind === "skip") {
      below += times * over;
      continue;
    }
    const worked = kind !== "chain" && kind !== "picot";
    for (let i = 0; i < times; i++) {
      const feet = worked ? Array.from({ length: over }, (_, j) => below + j) : [];
      for (let j = 0; j < into; j++) yield { kind, feet, head: kind === "picot" ? null : head++, item };
      if (worked) below += over;
    }
  }
}

/** Is the first round worked round all that it begins on: a ring of chains, or of wire? */
export const isWhole = ({ kind }: { kind: string }) => kind === "hole" || isRound(kind);
/** Is it a ring of wire that is begun on, worked outwards or inwards? */
const isRound = (kind: string) => kind === "wire" || kind === "within";

/** A chart of rows: flat ones go there and back, rounds all one way; `polar`: rounds about a middle. */
export class Chart {
  private readonly lying: Lying[];

  constructor(
    readonly rows: ChartRow[],
    readonly begun: { kind: string; count: number },
    readonly way: string,
    readonly polar: boolean,
  ) {
    const first = begun.kind === "both" ? 2 * begun.count : begun.count;
    this.lying = [{ count: first, from: -(first - 1) / 2, step: 1 }];
    rows.forEach((row, i) => this.lying.push(this.lie(row, i)));
  }

  /** The columns, from the leftmost to the rightmost. */
  get span(): [number, number] {
    const ends = this.lying.flatMap(({ from, step, count }) => [from, from + step * (count - 1)]);
    return [Math.min(...ends), Math.max(...ends)];
  }

  private lie(row: ChartRow, index: number): Lying {
    const below = this.lying[index]!;
    const count = Math.max(row.heads, 1);
    if (this.way !== "rows") return { count, from: -(count - 1) / 2, step: 1 };
    const step = index % 2 === 0 ? -1 : 1;
    const takes = [...stitchesOf(row)].flatMap(({ feet }) => feet);
    const middle = takes.length ? (Math.min(...takes) + Math.max(...takes)) / 2 : (below.count - 1) / 2;
    const x = below.from + (below.count - 1 - middle) * below.step;
    return { count, from: x - (step * (count - 1)) / 2, step };
  }

  /** Where a place of a row stands; of a motif the angle as a share of the round. */
  at(row: number, place: number): [number, number] {
    const { from, step, count } = this.lying[row]!;
    if (!this.polar) return [this.way === "rows" ? from + place * step : -(from + place * step), row];
    const inwards = this.begun.kind === "within";
    // With heads up all are worked to the left, which is the other way round within a ring.
    const angle = ((place + 0.5) / count) * 2 * Math.PI * (inwards ? -1 : 1);
    const radius = inwards ? this.rows.length - row + 0.8 : row + (isWhole(this.begun) ? 0.6 : 0.8);
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  }

  /** How far from the middle the ring is that the first round is worked into, in rows; null where none of wire is. */
  get wire(): number | null {
    return isRound(this.begun.kind) ? this.ring : null;
  }

  private get ring() {
    return this.begun.kind === "within" ? this.rows.length + 0.85 : RING;
  }

  /** The stitches of a row, from 0, the beginning. */
  marks(row: number): Mark[] {
    if (row === 0) {
      if (this.begun.kind === "edge" || isRound(this.begun.kind)) return [];
      return Array.from({ length: this.begun.count }, (_, place) => {
        const many = this.begun.kind === "both" ? 2 : 1;
        return { kind: "chain", head: this.at(0, place * many), feet: [], row, place, item: 0 };
      });
    }
    const below = this.lying[row - 1]!;
    const into = (foot: number): [number, number] =>
      this.way === "rows" ? this.at(row - 1, below.count - 1 - foot) : this.at(row - 1, foot);
    let last = 0;
    return [...stitchesOf(this.rows[row - 1]!)].map(({ kind, feet, head, item }) => {
      const place = head ?? last;
      last = place;
      const hole = row === 1 && isWhole(this.begun);
      const at = this.at(row, place);
      return { kind, head: at, feet: hole ? [middled(at, this.ring)] : feet.map(into), row, place: head, item };
    });
  }
}

/** How far from the middle what is worked into a ring, and outwards, stands on it, in rows. */
const RING = 0.55;
const middled = ([x, y]: [number, number], ring: number): [number, number] => {
  const far = Math.hypot(x, y) || 1;
  return [(x / far) * ring, (y / far) * ring];
};
