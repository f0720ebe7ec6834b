import { useFormat } from "../units/format";
import type { Shown } from "./useWeaves";

/** Pixels per mm, the same for all weaves. */
export const SCALE = 7.5;

/** How tightly a weave bends edgewise, in words. */
export function useBend() {
  const format = useFormat();
  /** Where one wire alone is woven nothing bends edgewise; where both are covered the coils outside open at once. */
  return ({ sample, figures }: Shown): string => {
    if (sample.base === 1) return "—";
    return figures.bend_mm === null ? "opens at once" : format.length(figures.bend_mm);
  };
}
