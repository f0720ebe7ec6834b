import { useWindowSize } from "@vueuse/core";
import { computed, type Ref } from "vue";

/** The stage's share of the window while it shows something in space, as the styles have it. */
const SHARE = 0.66;
/** What stands round the picture, in px: heads and keys, and above a strip all of it; the page's head, wide and narrow. */
const ROUND = { whole: 176, strip: 274 };
const HEAD = { wide: 60, narrow: 96 };
const NARROW_PX = 1000;
const [LEAST, MOST] = [180, 640];

/** How high a picture in space fills the stage: of a whole piece, or of a strip. */
export function useSpaceHeight(isWhole: Ref<boolean>) {
  const { height, width } = useWindowSize();
  return computed(() => {
    const head = HEAD[width.value < NARROW_PX ? "narrow" : "wide"];
    const room = Math.round((height.value - head) * SHARE) - ROUND[isWhole.value ? "whole" : "strip"];
    return Math.min(Math.max(room, LEAST), MOST);
  });
}
