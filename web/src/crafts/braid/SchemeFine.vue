<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { api, ApiProblem } from "../../api/client";
import { useBench } from "../../bench/useBench";
import BraidDiagram from "./BraidDiagram.vue";
import { braid, edge, flat, turnedOver, withBraid, withCrossings, written } from "./braid";
import { useColours } from "./useColours";

/** How the strands cross: the flat braid, or crossings typed in short or turned over on the diagram. What cannot be read stays as it was typed. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const now = computed(() => braid(piece.value, bench.hand.value));
const told = bench.braid;
const colours = useColours();
const short = computed(() =>
  now.value.scheme.kind === "crossings" ? written(now.value.scheme.crossings) : (told.value?.notation ?? ""),
);
const text = ref(short.value);
const fault = ref<{ message: string; accepted: string } | null>(null);
watch([short, bench.exchanged], () => {
  text.value = short.value;
  fault.value = null;
});
const crossings = computed(() =>
  now.value.scheme.kind === "crossings" ? now.value.scheme.crossings : (told.value?.crossings ?? []),
);
/** What is wrong with crossings that stand in the document. */
const standing = bench.faultAt(bench.path("scheme"));
const wrong = computed(() => fault.value ?? standing.value);

async function read() {
  const [id, asked] = [bench.hand.value, text.value];
  try {
    const { crossings } = await bench.saving.during(api.readBraid(asked, now.value.strands.length));
    if (asked !== text.value) return;
    fault.value = null;
    if (written(crossings) !== short.value) void bench.change(withCrossings(piece.value, id, crossings));
  } catch (error) {
    if (asked !== text.value) return;
    const first = error instanceof ApiProblem ? error.faults[0] : undefined;
    fault.value = first ?? { message: "Meander cannot be reached", accepted: "try again" };
  }
}
const turnOver = (at: number) =>
  bench.change(withCrossings(piece.value, bench.hand.value, turnedOver(crossings.value, at)));
const isFlat = computed(() => now.value.scheme.kind === "flat");
const other = computed(() => (isFlat.value && edge(now.value.scheme) === "near" ? "far" : "near"));
const braidFlat = () => bench.change(withBraid(piece.value, bench.hand.value, { scheme: flat(other.value) }));
</script>

<template>
  <div class="flex-fill d-flex flex-wrap gap-4 align-items-start">
    <BraidDiagram
      :strands="now.strands.length"
      :crossings="crossings"
      :colours="colours"
      label="A round of the braid, its beginning at the top: press a crossing to turn it over"
      :scale="0.8"
      pressed
      @press="turnOver"
    />
    <div class="flex-fill">
      <label class="d-block"
        >In short, gap by gap:
        <span class="live live-gaps" :class="{ wrong }">
          <input
            v-model="text"
            type="text"
            aria-label="The crossings in short"
            spellcheck="false"
            autocomplete="off"
            :aria-invalid="wrong ? true : undefined"
            :style="{ width: `${Math.min(Math.max(text.length, 8), 60) + 3}ch` }"
            @change="read"
            @keydown.enter.prevent="read"
          /> </span
      ></label>
      <small v-if="wrong" class="said-wrong text-danger small sans d-block" role="alert"
        >{{ wrong.message }}; accepted: {{ wrong.accepted }}</small
      >
      <small class="quiet sans d-block lh-sm"
        >1r: in gap 1, between the first two strands from the left, the strand that goes right lies over; 2l: in gap 2
        the one that goes left. (1r 2l)3 is made three times.</small
      >
      <button type="button" class="unfold plain" @click="braidFlat">
        {{ isFlat ? `Begin it from the ${other} edge` : "Braid it flat, over and under" }}
      </button>
    </div>
  </div>
</template>
