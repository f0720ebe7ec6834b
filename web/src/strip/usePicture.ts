import { type Ref, shallowRef, watch } from "vue";
import { api } from "../api/client";
import type { Picture } from "../generated/picture";

/** The pictures fetched last, by hash. */
const kept = new Map<string, Picture>();
const KEPT = 4;

/** Has a picture before it is shown, so that figures and picture change together: fetches it, unless it came by itself. */
export async function fetchPicture(hash: string, came?: Picture): Promise<Picture> {
  const picture = came ?? kept.get(hash) ?? (await api.picture(hash));
  kept.delete(hash);
  kept.set(hash, picture);
  if (kept.size > KEPT) kept.delete(kept.keys().next().value!);
  return picture;
}

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
      const ready = kept.get(wanted);
      if (ready) {
        picture.value = ready;
        return;
      }
      try {
        const fetched = await fetchPicture(wanted);
        if (hash.value === wanted) picture.value = fetched;
      } catch {
        if (hash.value === wanted) lost();
      }
    },
    { immediate: true },
  );
  return picture;
}
