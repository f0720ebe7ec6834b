import { computed, ref, shallowRef, watch } from "vue";
import { api } from "../api/client";
import { useBench } from "../bench/useBench";
import { section, withSection } from "../bench/weave";
import { baseOf } from "../document/routes";
import type { Picture } from "../generated/picture";

const SETTLE_MS = 120;

/**
 * The strip with its base wires spread apart, to see between them: the same weave planned with wider gaps. Nothing of the piece
 * changes. `by` is how much wider, in mm.
 */
export function useSpread() {
  const bench = useBench();
  const by = ref(0);
  const spread = shallowRef<Picture | null>(null);
  const now = computed(() => section(bench.answer.value!.document, bench.hand.value));
  const wires = computed(() => baseOf(bench.answer.value!.document, bench.hand.value).length);
  const possible = computed(() => wires.value > 1 && now.value.spacing.kind !== "changing");
  let timer: ReturnType<typeof setTimeout> | undefined;
  let latest = 0;

  async function plan() {
    const asked = ++latest;
    if (by.value === 0 || !possible.value) return void (spread.value = null);
    const { document } = bench.answer.value!;
    const { weave, repeats } = bench.strip.value;
    const clear = weave.clear_mm.map((mm) => ({ typed: `${(mm + by.value).toFixed(3)} mm` }));
    const wider = withSection(document, bench.hand.value, {
      spacing: { kind: "apart", clear },
      extent: { kind: "repeats", count: repeats },
    });
    const planned = await bench.tried({ ...wider, pins: [] }).catch(() => null);
    const picture = planned && (await api.picture(planned.strip.picture).catch(() => null));
    if (asked === latest && picture) spread.value = picture;
  }
  watch([by, () => bench.answer.value], () => {
    clearTimeout(timer);
    timer = setTimeout(() => void plan(), SETTLE_MS);
  });

  return { by, spread, possible };
}
