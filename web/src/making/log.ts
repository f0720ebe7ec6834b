import type { MakingRow } from "../api/makings";

/** How many months back a plot reaches. */
const MONTHS = 12;
export interface Month {
  key: string;
  name: string;
  /** Its name where there is little room. */
  short: string;
  hours: number;
  wire_mm: number;
}

/** How well a piece came out, the least first. */
export const RATED = ["not well", "fair", "well", "very well", "as well as can be"];

/** A day where the maker is, as 2026-12-24. */
function dayOf(at: string | number) {
  const day = new Date(at);
  day.setMinutes(day.getMinutes() - day.getTimezoneOffset());
  return day.toISOString().slice(0, 10);
}
const monthOf = (at: string | number) => dayOf(at).slice(0, 7);
const named = (key: string, style: "short" | "long") =>
  new Date(`${key}-15T12:00:00Z`).toLocaleDateString(undefined, { month: style, year: "numeric" });

/** A making belongs to the month it was finished in, or was worked at last. */
const belongsTo = (row: MakingRow) => monthOf(row.finished_at ?? row.last_at);

/** Makings month by month, the latest first. */
export function byMonth(rows: MakingRow[]): { key: string; name: string; rows: MakingRow[] }[] {
  const all = new Map<string, MakingRow[]>();
  for (const row of rows) all.set(belongsTo(row), [...(all.get(belongsTo(row)) ?? []), row]);
  return [...all]
    .sort(([a], [b]) => b.localeCompare(a))
    .map(([key, some]) => ({ key, name: named(key, "long"), rows: some }));
}

/** Hours and wire of every month from the first that has any to the last, at the most a year. */
export function months(rows: MakingRow[]): Month[] {
  const keys = rows.map(belongsTo).sort();
  if (!keys.length) return [];
  const found: Month[] = [];
  const last = keys.at(-1)!;
  for (let back = 0; back < MONTHS; back++) {
    const day = new Date(`${last}-15T12:00:00Z`);
    day.setUTCMonth(day.getUTCMonth() - back);
    const key = monthOf(day.getTime());
    if (key < keys[0]!) break;
    const some = rows.filter((row) => belongsTo(row) === key);
    found.unshift({
      key,
      name: named(key, "short"),
      short: day.toLocaleDateString(undefined, { month: "short" }),
      hours: some.reduce((sum, row) => sum + row.worked_ms, 0) / 3_600_000,
      wire_mm: some.reduce((sum, row) => sum + (row.wire_mm ?? 0), 0),
    });
  }
  return found;
}

/** Is it not finished, and was to be before today? */
export const overdue = (row: Pick<MakingRow, "finished_at" | "due">) =>
  !row.finished_at && !!row.due && row.due < dayOf(Date.now());
