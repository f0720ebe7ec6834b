import { useWindowSize } from "@vueuse/core";
import { computed } from "vue";

/** How high a picture on the stage may be, in px: the stage's share of the window, less what stands round it. */
export function useStageHeight() {
  const { height, width } = useWindowSize();
  return computed(() => {
    const share = width.value < 1000 ? 0.36 : 0.46;
    return Math.min(Math.max(Math.round(height.value * share) - 172, 150), 460);
  });
}
