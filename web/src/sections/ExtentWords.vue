<script setup lang="ts">
import { computed } from "vue";
import { isHeld, isPinned, pinIndex, withExtent, worn } from "../bench/pins";
import { useBench } from "../bench/useBench";
import { section } from "../bench/weave";
import LiveCount from "../brief/LiveCount.vue";
import LiveChoice from "../brief/LiveChoice.vue";
import PinnedValue from "../brief/PinnedValue.vue";
import { isFrame } from "../choices/choices";
import { workingOf, wireOf } from "../document/routes";
import { useFormat } from "../units/format";

/** How far the section in hand is worked: so many repeats, so far, as its frame is long, or as something else asks. */
const { of = "repeats" } = defineProps<{
  /** What is counted: repeats, stitches, rounds. */
  of?: string;
}>();
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const now = computed(() => section(piece.value, bench.hand.value));
const frame = computed(() => isFrame(now.value));
const kind = computed(() => {
  if (isPinned(piece.value, "repeats", bench.hand.value)) return "repeats";
  if (isPinned(piece.value, "woven", bench.hand.value)) return "length";
  return now.value.extent?.kind ?? "fill";
});
/** What would find it, if it were left open. */
const finder = computed(() => {
  const round = worn(piece.value);
  if (round && !frame.value) return `as the ${round} asks`;
  const [own] = workingOf(piece.value, bench.hand.value);
  const wire = own && wireOf(piece.value, own).kind;
  return piece.value.pins.some((pin) => pin.quantity === "wire" && pin.kind === wire)
    ? "as the wire to hand goes"
    : null;
});
const options = computed(() => [
  { key: "length", name: "over" },
  { key: "repeats", name: "in" },
  ...(frame.value
    ? [
        { key: "fill", name: "as far as the frame is long" },
        { key: "share", name: "over a share of the frame," },
      ]
    : []),
  ...(finder.value && (kind.value === "free" || isHeld(left("free")))
    ? [{ key: "free", name: `as far ${finder.value}` }]
    : []),
]);

/** The piece woven so far instead; a length that was pinned beside it is let go of. */
function left(next: string) {
  const { repeats, woven_mm } = bench.strip.value ?? bench.braid.value ?? bench.crochet.value ?? bench.knot.value!;
  const given = {
    repeats: { kind: next, count: repeats },
    length: { kind: next, length: { typed: format.length(woven_mm) } },
    share: { kind: next, share: 0.75 },
  }[next] ?? { kind: next };
  const at = pinIndex(piece.value, "woven", bench.hand.value);
  return withExtent({ ...piece.value, pins: piece.value.pins.filter((_, i) => i !== at) }, bench.hand.value, given);
}
</script>

<template>
  <LiveChoice
    :value="kind"
    :options="options"
    label="How far it is woven"
    @change="(next) => bench.change(left(next))"
  /><template v-if="kind === 'repeats'"
    >{{ " " }}<PinnedValue quantity="repeats" label="Repeats woven" :by="1" /> {{ of }}</template
  ><template v-else-if="kind === 'length'"
    >{{ " " }}<PinnedValue quantity="woven" label="Length woven over" :by="1" /></template
  ><template v-else-if="kind === 'share'"
    >{{ " " }}<LiveCount :path="bench.path('extent/share')" label="Share of the frame in percent" percent /> %</template
  >
</template>
