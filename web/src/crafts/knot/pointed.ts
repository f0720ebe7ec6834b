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

/** The knot at a place; of what is closed the last one may reach on over the first of so many cords. */
export const at = (puts: Put[], place: number, cords: number) =>
  puts.find(({ item, from }) => [place, place + cords].some((one) => one >= from && one < from + item.cords)) ?? null;

/** A row with a knot more at a place, or with the one that is there taken out; null where it finds no room. */
export function pressed(row: KnotRow, place: number, item: KnotItem, cords: number, closed: boolean): KnotRow | null {
  const puts = putsOf(row);
  const there = at(puts, place, cords);
  if (there)
    return rowOf(
      row,
      puts.filter((one) => one !== there),
    );
  const from = closed ? place : Math.min(place, cords - item.cords);
  const taken = Array.from({ length: item.cords }, (_, i) => (from + i) % cords);
  const free = from >= 0 && item.cords <= cords && taken.every((one) => !at(puts, one, cords));
  return free ? rowOf(row, [...puts, { item, from }]) : null;
}
