import type { Picture } from "../generated/picture";
import type { Strip } from "../api/client";
import { passAlong, passAt } from "../strip/passes";

export type Group = Strip["weave"]["groups"][number];
type Wraps = Extract<Group, { kind: "wraps" }>;

/** A group of one of the repeats where it lies on the strip: from and to along it and across it, in mm. */
export interface Placed {
  /** Which group of the walk it is. */
  index: number;
  from: number;
  to: number;
  low: number;
  high: number;
  /** 1 where the work goes on in the direction the strip is measured in, -1 in the other half. */
  onward: 1 | -1;
}

const passesOf = (group: Group) => (group.kind === "wraps" ? 2 * group.times : group.gaps.length);
/** No more repeats than this are looked through, those in the middle. */
const MOST_REPEATS = 60;

/** The groups of the repeats that lie between two places along the strip, and of those next to them. */
export function groupsWithin(picture: Picture, groups: Group[], from: number, to: number): Placed[] {
  const { half, before, repeat, repeats, skipped } = picture.counting;
  const total = groups.reduce((sum, group) => sum + passesOf(group), 0);
  return [...new Set([0, half])].flatMap((made) => {
    /** The second half leaves out what it shares with the first. */
    const counted = made === half ? made - skipped : made;
    const first = passAt(picture, Math.max(counted + before, made));
    const last = passAt(picture, Math.max(counted + before + repeat * (repeats - 1), made));
    if (!first || !last) return [];
    const [start, end] = [passAlong(picture, first), passAlong(picture, last)];
    const number = (along: number) => (repeats > 1 ? ((along - start) / (end - start)) * (repeats - 1) : 0);
    const ends = [number(from), number(to)];
    const low = Math.max(Math.floor(Math.min(...ends)) - 1, 0);
    const high = Math.min(Math.ceil(Math.max(...ends)) + 1, repeats - 1);
    const spare = Math.max(Math.floor((high - low + 1 - MOST_REPEATS) / 2), 0);
    const onward = made === half ? -1 : 1;
    return Array.from({ length: Math.max(high - low + 1 - 2 * spare, 0) }, (_, i) => low + spare + i)
      .flatMap((k) => Array.from({ length: repeat / total }, (_, run) => counted + before + k * repeat + run * total))
      .flatMap((pass) => placedFrom(picture, groups, pass, onward, made));
  });
}

function placedFrom(picture: Picture, groups: Group[], number: number, onward: 1 | -1, least: number): Placed[] {
  let pass = number;
  return groups.flatMap((group, index) => {
    const places = Array.from({ length: passesOf(group) }, (_, i) =>
      pass + i < least ? null : passAt(picture, pass + i),
    ).flatMap((found) => (found ? [passAlong(picture, found)] : []));
    pass += passesOf(group);
    if (!places.length) return [];
    const gaps = group.kind === "wraps" ? [group.near - 1, group.far] : group.gaps;
    const across = gaps.map((gap) => picture.gaps[gap]!);
    const lay = picture.wire_mm / 2;
    return {
      index,
      onward,
      from: Math.min(...places) - lay,
      to: Math.max(...places) + lay,
      low: Math.min(...across),
      high: Math.max(...across),
    };
  });
}

/** The group at a place on the strip, or the nearest. */
export function groupAt(placed: Placed[], along: number, across: number): Placed | null {
  const off = (value: number, from: number, to: number) => Math.max(from - value, value - to, 0);
  const distance = (one: Placed) => Math.hypot(off(along, one.from, one.to), off(across, one.low, one.high));
  return placed.reduce<Placed | null>((best, one) => (best && distance(best) <= distance(one) ? best : one), null);
}

/** The base wire, counted from 1, nearest to a place across the strip. */
export function wireAt(picture: Picture, across: number): number {
  const off = picture.centres.map((x) => Math.abs(x - across));
  return off.indexOf(Math.min(...off)) + 1;
}

/** With wraps added after a group: one more where it goes round the same wires, else a group of their own. */
export function added(groups: Group[], after: number, span: [number, number], times = 1): [Group[], number] {
  const [near, far] = [Math.min(...span), Math.max(...span)];
  const here = groups[after];
  if (here?.kind === "wraps" && here.near === near && here.far === far)
    return [recounted(groups, after, here.times + times), after];
  const fresh: Wraps = { kind: "wraps", near, far, times, side: "near" };
  return [[...groups.slice(0, after + 1), fresh, ...groups.slice(after + 1)], after + 1];
}

export const recounted = (groups: Group[], index: number, times: number): Group[] =>
  groups.map((group, i) => (i === index && group.kind === "wraps" ? { ...group, times } : group));

export const removed = (groups: Group[], index: number): Group[] => groups.filter((_, i) => i !== index);

/** With a group moved a place earlier or later. */
export function moved(groups: Group[], index: number, by: 1 | -1): Group[] {
  const to = index + by;
  if (to < 0 || to >= groups.length) return groups;
  const next = [...groups];
  [next[index], next[to]] = [next[to]!, next[index]!];
  return next;
}
