import { computed, type Ref, ref, watch } from "vue";
import type { Picture } from "../generated/picture";
import { acrossRange, bandMiddle, bandRange, shownRange } from "./ranges";

const ZOOM_STEP = 1.5;
/** As near as the loupe goes, in pixels per mm: a 0.3 mm wire is then a finger wide. */
const NEAREST = 160;

/** Where more than so many mm lie before the weave, the loupe begins near the weave, its start so far from the middle. */
const HANGING_MM = 18;
const LED_IN = 0.38;

/** Which part of the strip the loupe shows: `scale` in pixels per mm, `centre` in mm along the shown direction. */
export function useLoupe(
  picture: Ref<Picture | null>,
  hand: Ref<"right" | "left">,
  width: Ref<number>,
  height: Ref<number>,
) {
  const range = computed(() => (picture.value ? shownRange(picture.value, hand.value) : ([0, 1] as [number, number])));
  const whole = computed(() => width.value / (range.value[1] - range.value[0] + 4));
  /** The woven band fills most of the loupe. */
  const coils = computed(() =>
    picture.value ? (0.8 * height.value) / (bandRange(picture.value)[1] - bandRange(picture.value)[0]) : 1,
  );
  const scale = ref(0);
  const centre = ref(0);
  const across = ref(0);

  const clampCentre = () => {
    const half = width.value / scale.value / 2;
    const [from, to] = [range.value[0] - 2 + half, range.value[1] + 2 - half];
    centre.value = from > to ? (from + to) / 2 : Math.min(Math.max(centre.value, from), to);
  };

  /** Sets the scale, keeping the place `at` (mm) where it is on the screen. */
  function zoomTo(next: number, at = centre.value) {
    const bounded = Math.min(Math.max(next, whole.value), Math.max(NEAREST, coils.value));
    centre.value = at + ((centre.value - at) * scale.value) / bounded;
    scale.value = bounded;
    clampCentre();
  }

  /** Moves what is shown across the strip, as far as there is anything. */
  function moveAcross(mm: number) {
    const [low, high] = acrossRange(picture.value!);
    across.value = Math.min(Math.max(across.value + mm, low), high);
  }

  function moveTo(place: number) {
    centre.value = place;
    clampCentre();
  }

  /** A band of another width is looked at anew: it fills the loupe again. */
  watch([range, width, coils], (_now, [, , before]) => {
    if (!picture.value || !width.value) return;
    const first = scale.value === 0;
    if (first) centre.value = hand.value === "left" ? range.value[1] : range.value[0];
    if (scale.value === 0 || Math.abs(coils.value / before - 1) > 0.02) {
      across.value = bandMiddle(picture.value);
      scale.value = coils.value;
    }
    zoomTo(scale.value);
    if (first && hand.value === "right" && range.value[0] < -HANGING_MM) moveTo(LED_IN * (width.value / scale.value));
  });

  function show(next: number) {
    across.value = bandMiddle(picture.value!);
    zoomTo(next);
  }

  /** Where an ending fills the loupe, the weave's beginning is shown instead. */
  function showStart() {
    const shown = width.value / scale.value;
    const side = hand.value === "left" ? -1 : 1;
    if (shown / 2 - side * centre.value > shown / 3) moveTo(0.4 * side * shown);
  }

  return {
    scale,
    left: computed(() => centre.value - width.value / scale.value / 2),
    shownMm: computed(() => width.value / scale.value),
    zoomIn: () => zoomTo(scale.value * ZOOM_STEP),
    zoomOut: () => zoomTo(scale.value / ZOOM_STEP),
    zoomTo,
    moveTo,
    moveAcross,
    across,
    moveBy: (mm: number) => moveTo(centre.value + mm),
    showStart,
    showWhole: () => show(whole.value),
    showCoils: () => show(coils.value),
  };
}

export type Loupe = ReturnType<typeof useLoupe>;
