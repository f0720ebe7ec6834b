import { computed, type Ref, ref, shallowRef, watch } from "vue";
import { api, ApiProblem } from "../api/client";
import { useBench } from "../bench/useBench";
import { asWalk, section, withWalk } from "../bench/weave";
import { baseOf } from "../document/routes";
import type { Picture } from "../generated/picture";
import { projection } from "../strip/overlays";
import type { View } from "../strip/paint";
import { added, type Group, groupAt, groupsWithin, moved, type Placed, recounted, removed, wireAt } from "./groups";

/** A pointer that moved less than this has only pressed. */
const PRESS_PX = 8;
const MOST_TIMES = 500;

/** What a pointer that is down would do when it is let go. */
export interface Gesture {
  placed: Placed | null;
  /** The base wires the wraps would go round. */
  span: [number, number];
  /** Where it was put down, in mm along the strip. */
  along: number;
  /** Dragged along the strip: the count changes. */
  counting: boolean;
}

/**
 * Building the weave by pointing at the strip: a press on a base wire adds a wrap there, across several wires a wrap round them;
 * dragged along the strip, the wraps under the pointer become more or fewer.
 */
export function usePointing(picture: Ref<Picture | null>) {
  const bench = useBench();
  const on = ref(false);
  const selected = ref(0);
  const gesture = shallowRef<Gesture | null>(null);
  const hover = ref<number | null>(null);
  const trouble = ref("");
  /** The groups as they are asked for: those of the plan, until the next answer. */
  const asked = shallowRef<Group[] | null>(null);
  const weave = computed(() => bench.strip.value.weave);
  const groups = computed(() => asked.value ?? weave.value.groups);
  const current = computed(() => groups.value[selected.value] ?? null);
  let latest = 0;
  /** The last change that is part of the piece: an answer to an older one says nothing of what was asked since. */
  let handed = 0;

  watch(weave, () => handed === latest && (asked.value = null));
  watch(groups, (list) => (selected.value = Math.min(selected.value, list.length - 1)));

  /** Makes the groups the walk of the piece. What cannot follow each other is said, and nothing changes. */
  async function put(next: Group[], select: number, step = "") {
    const number = ++latest;
    asked.value = next;
    selected.value = select;
    const [piece, id] = [bench.draft.value!, bench.hand.value];
    const { before, after } = asWalk(section(piece, id).pattern);
    try {
      const walk = await bench.saving.during(
        api.joinGroups({ base: baseOf(piece, id).length, groups: next, before, after }),
      );
      if (number !== latest) return;
      trouble.value = "";
      handed = number;
      await bench.change(withWalk(bench.draft.value!, id, walk), step);
    } catch (error) {
      if (number !== latest) return;
      handed = number;
      asked.value = null;
      trouble.value = error instanceof ApiProblem ? error.message : "Meander cannot be reached";
    }
  }

  const add = (span: [number, number], after = selected.value) => put(...added(groups.value, after, span));
  function count(times: number, index = selected.value, step = "") {
    if (groups.value[index]?.kind !== "wraps" || times < 1 || times > MOST_TIMES) return;
    void put(recounted(groups.value, index, times), index, step);
  }
  const more = (by: 1 | -1) => current.value?.kind === "wraps" && count(current.value.times + by);
  const choose = (index: number) => (selected.value = Math.min(Math.max(index, 0), groups.value.length - 1));
  const takeOut = () =>
    groups.value.length > 1 && put(removed(groups.value, selected.value), Math.max(selected.value - 1, 0));
  function move(by: 1 | -1) {
    const next = moved(groups.value, selected.value, by);
    if (next !== groups.value) void put(next, selected.value + by);
  }

  /** A pointer on the loupe, from down to up. */
  let pressed: { px: number; py: number; times: number; each: number } | null = null;

  function down(px: number, py: number, view: View) {
    const { y, x } = projection(view);
    const [along, across] = [y(px), x(py)];
    const placed = groupAt(groupsWithin(picture.value!, groups.value, along, along), along, across);
    const wire = wireAt(picture.value!, across);
    const group = placed && groups.value[placed.index];
    const times = group?.kind === "wraps" ? group.times : 0;
    pressed = { px, py, times, each: placed && times ? (placed.to - placed.from) / times : 0 };
    gesture.value = { placed, span: [wire, wire], along, counting: false };
    if (placed) selected.value = placed.index;
  }

  function drag(px: number, py: number, view: View) {
    const { along, x, y } = projection(view);
    hover.value = wireAt(picture.value!, x(py));
    const now = gesture.value;
    if (!pressed || !now) return;
    const [dx, dy] = [px - pressed.px, py - pressed.py];
    const counting = now.counting || (Math.abs(dx) > PRESS_PX && Math.abs(dx) > Math.abs(dy) && pressed.each > 0);
    gesture.value = { ...now, counting, span: counting ? now.span : [now.span[0], wireAt(picture.value!, x(py))] };
    if (!counting || !now.placed) return;
    const on = (y(px) - y(pressed.px)) * now.placed.onward;
    const times = Math.max(1, Math.min(pressed.times + Math.round(on / pressed.each), MOST_TIMES));
    const group = groups.value[now.placed.index];
    if (group?.kind === "wraps" && group.times !== times) count(times, now.placed.index, `count ${along}`);
  }

  function up() {
    const done = gesture.value;
    gesture.value = null;
    pressed = null;
    if (done && !done.counting) void add(done.span, done.placed?.index ?? groups.value.length - 1);
  }
  function leave() {
    gesture.value = null;
    pressed = null;
    hover.value = null;
  }

  return {
    on,
    selected,
    groups,
    current,
    gesture,
    hover,
    trouble,
    add,
    choose,
    count,
    more,
    takeOut,
    move,
    down,
    drag,
    up,
    leave,
  };
}

export type Pointing = ReturnType<typeof usePointing>;
