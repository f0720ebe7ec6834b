import { type Ref, shallowRef, watch } from "vue";

/**
 * A value that follows another one by a frame, so that what matters more is drawn first. The first value, and none, are
 * followed at once.
 */
export function useFrameLater<T>(source: Ref<T>, isThere: (value: T) => boolean): Ref<T> {
  const later = shallowRef(source.value);
  watch(source, (next) => {
    const follow = () => (later.value = source.value);
    if (isThere(next) && isThere(later.value)) requestAnimationFrame(() => setTimeout(follow));
    else follow();
  });
  return later;
}
