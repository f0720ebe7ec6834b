import { onBeforeUnmount, onMounted, type Ref, ref } from "vue";

/** The width of an element in px, kept up to date. */
export function useElementWidth(element: Ref<HTMLElement | null>) {
  const width = ref(0);
  let observer: ResizeObserver | undefined;
  onMounted(() => {
    observer = new ResizeObserver(([entry]) => (width.value = Math.floor(entry!.contentRect.width)));
    observer.observe(element.value!);
  });
  onBeforeUnmount(() => observer?.disconnect());
  return width;
}
