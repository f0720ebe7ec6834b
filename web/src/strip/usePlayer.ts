import { computed, onBeforeUnmount, type Ref, ref, watch } from "vue";
import type { Picture } from "../generated/picture";
import { passPoints } from "./paint";

/** Moves a second to choose from. */
export const SPEEDS = [1, 2, 4, 8];

/** One pass of a picture: its row, and how far along its copy lies. */
export interface Found {
  row: number[];
  at: number;
  shape: Picture["shapes"][number];
}

/** The pass with a number in the order of work, null where there is none. */
function passAt(picture: Picture, number: number): Found | null {
  for (const place of picture.placements) {
    const rows = picture.cells[place.cell]!.passes;
    const copy = Math.floor((number - place.pass) / place.every);
    const row = rows[number - place.pass - copy * place.every];
    if (copy < 0 || copy >= place.count || !row) continue;
    const shape = picture.shapes[row[0]!]!;
    if (shape.words) return { row, shape, at: place.at + copy * place.step };
  }
  return null;
}

/** Where in its making a strip is, in words: how far into a repeat, or before or after the repeats. */
function whereabouts(counting: Picture["counting"], made: number): string {
  const { half, before, repeat, repeats } = counting;
  if (made === 0) return "Nothing made yet";
  const side = made > half ? "second half, " : "";
  const done = made - 1 - (made > half ? half : 0);
  if (done < before) return `${side}before the repeats, move ${done + 1} of ${before}`;
  const number = Math.floor((done - before) / repeat) + 1;
  if (number > repeats)
    return `${side}closing, move ${done - before - repeat * repeats + 1} of ${half - before - repeat * repeats}`;
  return `${side}repeat ${number} of ${repeats}, move ${((done - before) % repeat) + 1} of ${repeat}`;
}

/**
 * Plays a strip being made, pass by pass: `made` is how many passes are made, null while nothing is played. A strip that
 * changes goes on at the same place, as far as it has one.
 */
export function usePlayer(picture: Ref<Picture | null>) {
  const made = ref<number | null>(null);
  const running = ref(false);
  const speed = ref(2);
  const total = computed(() =>
    picture.value ? Math.max(...picture.value.placements.map((place) => lastPass(picture.value!, place))) : 0,
  );
  const current = computed(() => (picture.value && made.value ? passAt(picture.value, made.value - 1) : null));
  /** Where the wire is now, along the strip and across it, in mm. */
  const end = computed(() => {
    if (!current.value) return null;
    const [y, x] = passPoints(picture.value!, current.value.row).at(-1)!;
    return { along: y + current.value.at, across: x };
  });

  function go(to: number) {
    made.value = Math.min(Math.max(Math.round(to), 0), total.value);
    if (made.value === total.value) running.value = false;
  }
  const step = (by: number) => go((made.value ?? 0) + by);

  let timer: ReturnType<typeof setInterval> | undefined;
  watch([running, speed], () => {
    clearInterval(timer);
    if (running.value) timer = setInterval(() => step(1), 1000 / speed.value);
  });
  watch(total, (most) => {
    if (made.value !== null && made.value > most) made.value = most;
  });
  onBeforeUnmount(() => clearInterval(timer));

  return {
    made,
    running,
    speed,
    total,
    current,
    end,
    go,
    step,
    where: computed(() => (picture.value ? whereabouts(picture.value.counting, made.value ?? 0) : "")),
    open: () => go(0),
    setSpeed: (next: number) => (speed.value = next),
    close() {
      running.value = false;
      made.value = null;
    },
    toggle() {
      if (made.value === total.value) go(0);
      running.value = !running.value;
    },
  };
}

function lastPass(picture: Picture, place: Picture["placements"][number]): number {
  const passes = picture.cells[place.cell]!.passes;
  if (!picture.shapes[passes[0]![0]!]!.words) return 0;
  return place.pass + (place.count - 1) * place.every + passes.length;
}

export type Player = ReturnType<typeof usePlayer>;
