import { computed, type ComputedRef } from "vue";

/** A computed list that stays the same one while what it holds is the same, so that nothing is drawn again for it. */
export function useSame<T>(list: () => T[]): ComputedRef<T[]> {
  return computed<T[]>((old) => {
    const next = list();
    return old && JSON.stringify(old) === JSON.stringify(next) ? old : next;
  });
}
