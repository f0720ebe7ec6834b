import { type Ref, shallowRef, watch } from "vue";
import { api } from "../api/client";
import type { Picture } from "../generated/picture";

/**
 * The picture behind a content hash. The latest hash wins; the last picture stays while the next one is fetched.
 * `lost` is called when the server no longer keeps it (it was restarted), so that the plan can be asked for again.
 */
export function usePicture(hash: Ref<string | undefined>, lost: () => void = () => {}) {
  const picture = shallowRef<Picture | null>(null);
  watch(
    hash,
    async (wanted) => {
      if (!wanted) return;
      try {
        const fetched = await api.picture(wanted);
        if (hash.value === wanted) picture.value = fetched;
      } catch {
        if (hash.value === wanted) lost();
      }
    },
    { immediate: true },
  );
  return picture;
}
