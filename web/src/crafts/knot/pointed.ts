import type { KnotItem, KnotRow } from "../../api/knots";
import { mm } from "../../choices/choices";

/** A knot of a row with its first place. */
export interface Put {
  item: KnotItem;
  from: number;
}

/** The knots of a row, without what passes. */
export function putsOf(row: KnotRow): Put[] {
  let from = 0;
  return row.knots.flatMap((item) => {
    const put = { item, from };
    from += item.cords;
    return item.kind === "pass" ? [] : [put];
  });
}

/** A row of knots at their places. */
function rowOf(row: KnotRow, puts: Put[]): KnotRow {
  let at = 0;
  const knots: KnotItem[] = [];
  for (const { item, from } of [...puts].sort((one, two) => one.from - two.from)) {
    if (from > at) knots.push(pass(from - at));
    knots.push(item);
    at = from + item.cords;
  }
  return { ...row, knots: (knots.length ? knots : [pass(1)]) as KnotRow["knots"] };
}
const pass = (cords: number): KnotItem => ({ kind: "pass", hand: "left", cords, times: 1, turns: 1 });
export const emptyRow = (): KnotRow => ({ knots: [pass(1)], gap: mm(0), times: 1 }) as KnotRow;

export const at = (puts: Put[], place: number) =>
  puts.find(({ item, from }) => place >= from && place < from + item.cords) ?? null;

/** A row with a knot more at a place, or with the one that is there taken out; null where it finds no room. */
export function pressed(row: KnotRow, place: number, item: KnotItem, cords: number): KnotRow | null {
  const puts = putsOf(row);
  const there = at(puts, place);
  if (there)
    return rowOf(
      row,
      puts.filter((one) => one !== there),
    );
  const from = Math.min(place, cords - item.cords);
  const free = from >= 0 && puts.every((one) => one.from >= from + item.cords || one.from + one.item.cords <= from);
  return free ? rowOf(row, [...puts, { item, from }]) : null;
}
