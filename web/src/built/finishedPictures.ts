import { shallowRef, watch, type Ref } from "vue";
import { api } from "../api/client";
import type { Built } from "../generated/built";
import type { Finished } from "../generated/finished";

/** The pictures of finished sections fetched last, by hash; a piece has at most a dozen. */
const kept = new Map<string, Finished>();
const KEPT = 60;

/** A picture, unless it is kept or came by itself. */
export async function fetchFinished(hash: string, came?: Finished): Promise<Finished> {
  const picture = kept.get(hash) ?? came ?? (await api.finished(hash));
  kept.delete(hash);
  kept.set(hash, picture);
  if (kept.size > KEPT) kept.delete(kept.keys().next().value!);
  return picture;
}

/** A picture with where it stands: x and y in mm, its turn, and -1 where it is mirrored. */
export interface Placed {
  picture: Finished;
  pose: [number, number, number, number];
  section: string | null;
}

/** All pictures of a finished piece, exchanged together; the last ones stay while others are fetched. */
export function useFinished(parts: Ref<Built["finished"] | undefined>, lost: () => void = () => {}) {
  const placed = shallowRef<Placed[]>([]);
  watch(
    parts,
    async (wanted) => {
      if (!wanted) return;
      const put = (pictures: Finished[]) =>
        (placed.value = wanted.map((one, i) => ({ ...one, pose: one.pose as Placed["pose"], picture: pictures[i]! })));
      const ready = wanted.map((one) => kept.get(one.picture));
      if (ready.every((picture) => picture !== undefined)) return void put(ready as Finished[]);
      try {
        const pictures = await Promise.all(wanted.map((one) => fetchFinished(one.picture)));
        if (parts.value === wanted) put(pictures);
      } catch {
        if (parts.value === wanted) lost();
      }
    },
    { immediate: true },
  );
  return placed;
}
