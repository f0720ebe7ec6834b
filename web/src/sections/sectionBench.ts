import { computed } from "vue";
import { api, type Strip } from "../api/client";
import { type Bench, inHand } from "../bench/useBench";
import type { Plan } from "../generated/plan";

/** The bench with another section in hand: what is shown and changed of a weave on it is that section's. */
export function createSectionBench(whole: Bench, id: string): Bench {
  const stripIn = (plan?: Plan) => plan?.sections.find((one) => one.id === id)?.strip as Strip;
  return {
    ...whole,
    hand: computed(() => id),
    ...inHand(whole, () => id),
    asked: (document) => ({ document, section: id }),
    strip: computed(() => stripIn(whole.answer.value?.plan)),
    tried: async (document) => {
      const { plan } = await api.plan(document);
      return { plan, strip: stripIn(plan) };
    },
  };
}
