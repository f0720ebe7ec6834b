import { useWindowSize } from "@vueuse/core";
import { computed } from "vue";

/** What of the stage stands above and below the loupe, in px, and the stage's share of the window, wide and narrow. */
const WIDE = { beside: 236, share: 0.5 };
const NARROW = { beside: 280, share: 0.42 };
const NARROW_PX = 1000;

/** How high a loupe fills the stage. */
export function useRoom() {
  const { height, width } = useWindowSize();
  return computed(() => {
    const { beside, share } = width.value < NARROW_PX ? NARROW : WIDE;
    return Math.round(height.value * share - beside);
  });
}
