import { shallowRef, watch, type Ref } from "vue";
import { api } from "../api/client";
import type { Plan } from "../generated/plan";
import type { Finished as Sent } from "../generated/finished";

/** Lines of a wire in one layer. at: where they are put, x, y, turn, number, x, …; null where they lie as they are. */
export type Group = Omit<Sent["groups"][number], "at"> & { at: number[] | null };
/** A picture of a finished section. */
export type Finished = Omit<Sent, "groups" | "places"> & { groups: Group[] };

const read = ({ places, groups, ...rest }: Sent): Finished => ({
  ...rest,
  groups: groups.map((group) => ({ ...group, at: group.at === null ? null : places[group.at]! })),
});

/** The pictures of finished sections fetched last, by hash; a piece has at most a dozen. */
const kept = new Map<string, Finished>();
const KEPT = 60;

/** A picture, unless it is kept or came by itself. */
export async function fetchFinished(hash: string, came?: Sent): Promise<Finished> {
  const picture = kept.get(hash) ?? read(came ?? (await api.finished(hash)));
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

/** What of a piece its finished picture shows. */
export type Shown = Pick<Plan, "finished" | "extent"> & { beads: Pick<Plan["beads"], "drawn"> };
/** A finished piece ready to be drawn: its pictures, its extent and its beads, all of one plan. */
export interface Ready {
  placed: Placed[];
  extent: number[][];
  beads: Plan["beads"]["drawn"];
}

/** A finished piece as its pictures come in, exchanged whole; the last one stays while others are fetched. */
export function useFinished(shown: Ref<Shown>, lost: () => void = () => {}) {
  const ready = shallowRef<Ready | null>(null);
  watch(
    shown,
    async (wanted) => {
      const put = (pictures: Finished[]) => {
        const placed = wanted.finished.map((one, i) => ({
          ...one,
          pose: one.pose as Placed["pose"],
          picture: pictures[i]!,
        }));
        ready.value = { placed, extent: wanted.extent, beads: wanted.beads.drawn };
      };
      const there = wanted.finished.map((one) => kept.get(one.picture));
      if (there.every((picture) => picture !== undefined)) return put(there as Finished[]);
      try {
        const pictures = await Promise.all(wanted.finished.map((one) => fetchFinished(one.picture)));
        if (shown.value === wanted) put(pictures);
      } catch {
        if (shown.value === wanted) lost();
      }
    },
    { immediate: true },
  );
  return ready;
}
