import { useWindowSize } from "@vueuse/core";
import { computed } from "vue";

/** How high a picture on the stage may be, in px: the stage's share of the window, less what stands round it. */
export function useStageHeight() {
  const { height, width } = useWindowSize();
  return computed(() => {
    const [share, round] = width.value < 1000 ? [0.42, 210] : [0.5, 178];
    return Math.min(Math.max(Math.round(height.value * share) - round, 150), 460);
  });
}
