import { computed, onMounted, ref, shallowRef } from "vue";
import { api, ApiProblem, type OwnWeave, type Sample, type Trial } from "../api/client";
import { useBench } from "../bench/useBench";
import { isWoven } from "../bench/weave";
import type { Picture } from "../generated/picture";
import type { Piece } from "../generated/piece";

/** A weave as it is shown: tried in the maker's wires, and where it is the maker's own, as it is kept. */
export interface Shown {
  key: string;
  sample: Sample;
  figures: Trial["figures"];
  picture: Picture;
  own?: { id: string | null; weave: OwnWeave };
}

const said = (error: unknown) =>
  error instanceof ApiProblem ? (error.faults[0]?.message ?? error.message) : "Meander cannot be reached";

/**
 * Every weave there is to choose from, in the wires of the piece on the bench; and keeping one's own. `begin`: what is
 * done with a piece in the weave that was chosen, where the one on the bench is only tried.
 */
export function useWeaves(begin?: (document: Piece) => void) {
  const bench = useBench();
  const shown = shallowRef<Shown[]>([]);
  const trouble = ref("");
  /** The one of the maker's own that was let go last, to bring back. */
  const dropped = ref<{ id: string; name: string } | null>(null);

  async function load() {
    try {
      const { weaves, own } = await api.weaves(bench.asked(bench.answer.value!.document));
      const samples = new Map(bench.catalogue.value!.weaves.map((sample) => [sample.key, sample]));
      const found = [
        ...own.map((one) => ({ ...one, key: `own ${one.weave.name}`, own: { id: one.id, weave: one.weave } })),
        ...weaves.map((one) => ({ ...one, sample: samples.get(one.key)! })),
      ];
      shown.value = await Promise.all(found.map(async (one) => ({ ...one, picture: await api.picture(one.picture) })));
      trouble.value = "";
    } catch (error) {
      trouble.value = said(error);
    }
  }
  onMounted(load);

  /**
   * Does what changes the kept weaves and shows them anew. Answers what stood in the way of the change, if anything did;
   * what stands in the way of showing them is said by itself.
   */
  async function change(act: () => Promise<unknown>): Promise<string> {
    try {
      await act();
    } catch (error) {
      return said(error);
    }
    await load();
    return "";
  }

  return {
    shown,
    trouble,
    dropped,
    own: computed(() => shown.value.filter((one) => one.own)),
    common: computed(() => shown.value.filter((one) => !one.own)),
    isTaken: (one: Shown) => !begin && isWoven(bench.draft.value!, bench.hand.value, one.sample),
    take: (one: Shown) =>
      (begin ?? ((document) => void bench.change(document)))(bench.woven(one.sample, one.own?.weave)),
    keep: (weave: OwnWeave) => change(() => api.keepWeave(weave)),
    put: (id: string, weave: OwnWeave) => change(() => api.putWeave(id, weave)),
    async drop(id: string, name: string) {
      const fault = await change(() => api.dropWeave(id));
      if (fault) trouble.value = fault;
      else dropped.value = { id, name };
    },
    async restore() {
      const { id } = dropped.value!;
      const fault = await change(() => api.restoreWeave(id));
      if (fault) trouble.value = fault;
      else dropped.value = null;
    },
  };
}
