import { onScopeDispose, shallowRef, watch } from "vue";

/** How long what was is seen beside what is, in ms. */
const SHOWN_MS = 6000;

/** What texts were before they changed, by their keys, for some seconds; what comes or goes is no change. */
export function useWas(now: () => Map<string, string>) {
  const was = shallowRef(new Map<string, string>());
  let timer: ReturnType<typeof setTimeout> | undefined;
  watch(now, (next, before) => {
    const changed = [...next.keys()].filter((key) => (before.get(key) ?? next.get(key)) !== next.get(key));
    if (!changed.length) return;
    was.value = new Map(changed.map((key) => [key, was.value.get(key) ?? before.get(key)!]));
    clearTimeout(timer);
    timer = setTimeout(() => (was.value = new Map()), SHOWN_MS);
  });
  onScopeDispose(() => clearTimeout(timer));
  return was;
}
