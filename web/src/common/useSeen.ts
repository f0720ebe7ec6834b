import { onBeforeUnmount, type Ref, ref, watch } from "vue";

/** How far outside of the window something is taken as seen, so that it is there when it is scrolled to. */
const NEARLY_PX = 300;

/** Whether an element has come into sight, or nearly; it stays seen. */
export function useSeen(element: Ref<HTMLElement | null>) {
  const seen = ref(false);
  const observer = new IntersectionObserver(
    (entries) => {
      if (!entries.some((entry) => entry.isIntersecting)) return;
      seen.value = true;
      observer.disconnect();
    },
    { rootMargin: `${NEARLY_PX}px` },
  );
  watch(element, (now) => now && !seen.value && observer.observe(now), { immediate: true });
  onBeforeUnmount(() => observer.disconnect());
  return seen;
}
