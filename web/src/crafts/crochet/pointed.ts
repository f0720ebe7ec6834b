import type { Item, Row } from "../../api/fabrics";
import type { ChartRow, Mark } from "./chart";

/** What a stitch may be made that is pointed at. */
export const KINDS = [
  { key: "single", name: "a single" },
  { key: "half", name: "a half double" },
  { key: "double", name: "a double" },
  { key: "treble", name: "a treble" },
  { key: "slip", name: "a slip stitch" },
];

/** Every row by itself with one stitch made another; null where that stitch shares its place, or is none that holds on to the row below. Rows alike stand together again. */
export function withStitchAt(rows: ChartRow[], mark: Mark, kind: string): Row[] | null {
  const item = rows[mark.row - 1]!.items[mark.item]!;
  if (item.into > 1 || item.over > 1 || item.kind === "chain" || item.kind === "picot") return null;
  const nth = runBefore(rows[mark.row - 1]!, mark);
  const parts: Item[] = [
    { ...item, times: nth },
    { ...item, kind, times: 1 },
    { ...item, times: item.times - nth - 1 },
  ].filter((one) => one.times > 0);
  const plain = ({ kind: k, times, into, over }: Item): Item => ({ kind: k, times, into, over });
  const changed = rows.map((row, i) =>
    (i === mark.row - 1 ? row.items.toSpliced(mark.item, 1, ...parts) : row.items).map(plain),
  );
  return together(changed.map(merged));
}

/** How many stitches of its run are made before it. */
function runBefore(row: ChartRow, mark: Mark): number {
  const before = row.items.slice(0, mark.item).reduce((sum, one) => sum + heads(one), 0);
  return (mark.place ?? before) - before;
}
const heads = ({ kind, times, into }: Item) => (kind === "skip" || kind === "picot" ? 0 : times * into);

function merged(items: Item[]): Item[] {
  const all: Item[] = [];
  for (const item of items) {
    const last = all.at(-1);
    if (last && last.kind === item.kind && last.into === item.into && last.over === item.over) last.times += item.times;
    else all.push({ ...item });
  }
  return all;
}

function together(rows: Item[][]): Row[] {
  const all: Row[] = [];
  for (const stitches of rows) {
    const last = all.at(-1);
    if (last && JSON.stringify(last.stitches) === JSON.stringify(stitches)) last.times = (last.times ?? 1) + 1;
    else all.push({ stitches: stitches as never, times: 1 });
  }
  return all;
}
