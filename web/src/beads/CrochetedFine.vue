<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveCount from "../brief/LiveCount.vue";
import CountsField from "./CountsField.vue";

/** Which stitches carry a bead: so many apart, a share of them by chance, or those of a chart. */
const props = defineProps<{ path: string; name: string }>();
const bench = useBench();
type Pick = { kind: "every" | "share" | "chart"; places?: { row: number; stitch: number }[] };
const pick = computed(() => bench.value(`${props.path}/pick`) as unknown as Pick);
const PICKS = [
  { key: "every", name: "in every" },
  { key: "share", name: "by chance, in" },
  { key: "chart", name: "one by one," },
];
const STARTS: Record<string, object> = {
  every: { kind: "every", every: [2], first: 0 },
  share: { kind: "share", share: 0.25, seed: 1 },
  chart: { kind: "chart", places: [{ row: 1, stitch: 1 }] },
};
const again = () => Math.floor(Math.random() * 1000);
/** Places as they are typed: row and stitch, "2.5". */
const typed = computed(() => (pick.value.places ?? []).map(({ row, stitch }) => `${row}.${stitch}`).join(", "));
function places(text: string) {
  const found = [...text.matchAll(/(\d{1,4})\s*[.:/]\s*(\d{1,4})/g)].map(([, row, stitch]) => ({
    row: Number(row),
    stitch: Number(stitch),
  }));
  if (found.length) bench.edit(`${props.path}/pick/places`, found);
}
</script>

<template>
  ,
  <LiveChoice
    :value="pick.kind"
    :options="PICKS"
    :label="`${name}: which stitches`"
    @change="(kind) => bench.edit(`${path}/pick`, STARTS[kind])"
  />{{ " " }}
  <template v-if="pick.kind === 'every'"
    ><CountsField :path="`${path}/pick/every`" :label="`${name}: stitches from bead to bead`" /> stitches, after
    <LiveCount :path="`${path}/pick/first`" :label="`${name}: stitches before the first`" /> without</template
  ><template v-else-if="pick.kind === 'share'"
    ><LiveCount :path="`${path}/pick/share`" :label="`${name}: share of the stitches in percent`" percent /> % of the
    stitches, as number <LiveCount :path="`${path}/pick/seed`" :label="`${name}: number of the draw`" /> has it
    <button type="button" class="unfold plain" @click="bench.edit(`${path}/pick/seed`, again())">
      draw again
    </button></template
  ><template v-else
    >row and stitch
    <span class="live"
      ><input
        :value="typed"
        type="text"
        :aria-label="`${name}: rows and stitches`"
        :size="Math.max(typed.length, 6)"
        @change="places(($event.target as HTMLInputElement).value)" /></span
  ></template>
</template>
