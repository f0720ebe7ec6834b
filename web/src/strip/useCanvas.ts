import { computed, type Ref, watchEffect } from "vue";
import { useElementWidth } from "../common/useElementWidth";

/**
 * Keeps a canvas as sharp as the screen and as wide as its box, and calls `paint` once a frame when something it read
 * has changed.
 */
export function useCanvas(
  canvas: Ref<HTMLCanvasElement | null>,
  height: () => number,
  paint: (ctx: CanvasRenderingContext2D, width: number, height: number) => void,
) {
  const width = useElementWidth(computed(() => canvas.value?.parentElement ?? null));

  watchEffect(
    () => {
      const element = canvas.value;
      if (!element) return;
      if (width.value === 0) {
        // Its box is not measured yet: it takes its place already, or what lies below would jump under the pointer.
        element.style.width = "100%";
        element.style.height = `${height()}px`;
        return;
      }
      const ratio = window.devicePixelRatio || 1;
      const [w, h] = [width.value, height()];
      if (element.width !== w * ratio || element.height !== h * ratio) {
        element.width = w * ratio;
        element.height = h * ratio;
        element.style.width = `${w}px`;
        element.style.height = `${h}px`;
      }
      paint(element.getContext("2d")!, w, h);
    },
    { flush: "post" },
  );
  return width;
}
