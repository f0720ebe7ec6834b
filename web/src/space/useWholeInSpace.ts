import { shallowRef, watch, type Ref } from "vue";
import { api } from "../api/client";
import type { WholeInSpace } from "../api/space";
import { useBench } from "../bench/useBench";

/** The finished piece in space, asked for while it is looked at and whenever it changes. */
export function useWholeInSpace(wanted: Ref<boolean>) {
  const bench = useBench();
  const whole = shallowRef<WholeInSpace | null>(null);
  let latest = 0;
  watch(
    [wanted, () => bench.answer.value],
    async () => {
      if (!wanted.value) return;
      const asked = ++latest;
      const found = await api.space(bench.answer.value!.document).catch(() => null);
      if (asked === latest && found) whole.value = found;
    },
    { immediate: true },
  );
  return whole;
}
