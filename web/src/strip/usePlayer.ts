import { computed, onBeforeUnmount, type Ref, ref, watch } from "vue";
import type { Picture } from "../generated/picture";
import { passAt, passCount, passPoints } from "./passes";

/** Moves a second to choose from. */
export const SPEEDS = [1, 2, 4, 8];
/** No step is longer than this, whatever the browser was busy with, in ms. */
const LONGEST_FRAME_MS = 250;

/** Where in its making a strip is, in words: how far into a repeat, or before or after the repeats. */
function whereabouts(counting: Picture["counting"], made: number): string {
  const { half, before, repeat, repeats, skipped } = counting;
  if (made === 0) return "Nothing made yet";
  const side = made > half ? "second half, " : "";
  const done = made - 1 - (made > half ? half - skipped : 0);
  if (done < before) return `${side}before the repeats, move ${done + 1} of ${before}`;
  const number = Math.floor((done - before) / repeat) + 1;
  if (number > repeats)
    return `${side}closing, move ${done - before - repeat * repeats + 1} of ${half - before - repeat * repeats}`;
  return `${side}repeat ${number} of ${repeats}, move ${((done - before) % repeat) + 1} of ${repeat}`;
}

/**
 * Plays a strip being made, pass by pass: `made` is how many passes are made, the last of them as far as `grown` (0 to 1), null
 * while nothing is played. A strip that changes goes on at the same place, as far as it has one.
 */
export function usePlayer(picture: Ref<Picture | null>) {
  const made = ref<number | null>(null);
  const grown = ref(1);
  const running = ref(false);
  const speed = ref(2);
  const total = computed(() => (picture.value ? passCount(picture.value) : 0));
  const current = computed(() => (picture.value && made.value ? passAt(picture.value, made.value - 1) : null));
  /** Where the wire is led by the current pass, along the strip and across it, in mm. */
  const end = computed(() => {
    if (!current.value) return null;
    const [y, x] = passPoints(picture.value!, current.value.row).at(-1)!;
    return { along: y + current.value.at, across: x };
  });

  function go(to: number) {
    made.value = Math.min(Math.max(Math.round(to), 0), total.value);
    grown.value = 1;
    if (made.value === total.value) running.value = false;
  }
  const step = (by: number) => go((made.value ?? 0) + by);

  /** Lets the wire grow for some time; whole passes are counted as they are done. */
  function grow(ms: number) {
    const to = made.value! - 1 + grown.value + (Math.min(ms, LONGEST_FRAME_MS) / 1000) * speed.value;
    if (to >= total.value) return go(total.value);
    made.value = Math.floor(to) + 1;
    grown.value = to - Math.floor(to);
  }

  let frame = 0;
  let last = 0;
  function tick(now: number) {
    if (last) grow(now - last);
    last = now;
    if (running.value) frame = requestAnimationFrame(tick);
  }
  watch(running, (runs) => {
    cancelAnimationFrame(frame);
    last = 0;
    if (runs) frame = requestAnimationFrame(tick);
    else grown.value = 1;
  });
  watch(total, (most) => {
    if (made.value !== null && made.value > most) go(most);
  });
  onBeforeUnmount(() => cancelAnimationFrame(frame));

  return {
    made,
    grown,
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

export type Player = ReturnType<typeof usePlayer>;
