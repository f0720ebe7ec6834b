<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { strandsOf, type Strands, withReserve, withStrands } from "../bench/weave";
import { wireOf, workingOf } from "../document/routes";
import { say } from "../common/notices";
import { useMaker } from "../settings/useMaker";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";

/** How the weaving wire is laid and cut. */
const bench = useBench();
const strands = computed(() => strandsOf(bench.draft.value!, bench.hand.value));
const STRANDS = [
  { key: "one", name: "one wire" },
  { key: "doubled", name: "one wire doubled" },
  { key: "two", name: "two wires side by side" },
  { key: "turns", name: "two wires in turn, repeat by repeat" },
];
const SIDES = [
  { key: "start", name: "start" },
  { key: "end", name: "end" },
];
/** Whether new pieces begin with the tails and margins of this one. */
const { maker, say: sayMaker } = useMaker();
const own = computed(() => bench.answer.value!.document.allowances);
const usual = computed(() => {
  const begin = maker.allowances ?? bench.catalogue.value!.starts.cuff.allowances;
  const told = (one: typeof begin) =>
    [one.tail, one.waste, one.working_length, one.base_tail].map((size) => size.typed);
  return String([...told(begin), begin.margin]) === String([...told(own.value), own.value.margin]);
});
async function lend() {
  await sayMaker({ ...maker, allowances: own.value }).then(
    () => say("New pieces begin with these tails and margins."),
    () => say("This could not be saved: Meander cannot be reached."),
  );
}
const laid = computed(() => workingOf(bench.draft.value!, bench.hand.value));
/** Every wire that is laid keeps as much. */
const paths = (field: string) =>
  laid.value.map((id) => `/wires/${bench.draft.value!.wires.findIndex((wire) => wire.id === id)}/reserve/${field}`);
const reserve = computed(() => {
  const kept = wireOf(bench.draft.value!, laid.value[0]!).reserve;
  return kept && bench.read(paths("length")[0]!)?.mm !== 0 ? kept : null;
});
const keep = () =>
  bench.change(withReserve(bench.draft.value!, bench.hand.value, { side: "end", length: { typed: "500 mm" } }));
const take = (next: string) => void bench.change(withStrands(bench.draft.value!, bench.hand.value, next as Strands));
</script>

<template>
  <p>
    Woven with <LiveChoice :value="strands" :options="STRANDS" label="Strands" @change="take" />. Work with lengths of
    at most <LiveSize path="/allowances/working_length" label="Comfortable working length" :by="50" />. Each keeps two
    tails of <LiveSize path="/allowances/tail" label="Weaving-wire tail" :by="5" /> and loses
    <LiveSize path="/allowances/waste" label="Waste on each length" :by="5" /> too short to hold. Add
    <LiveCount path="/allowances/margin" label="Margin in percent" percent /> % to be safe.
    <button v-if="!usual" type="button" class="unfold plain" @click="lend">New pieces shall begin so</button>
    <template v-if="reserve"
      >Keep
      <LiveSize
        :path="paths('length')[0]!"
        :twins="paths('length').slice(1)"
        label="Weaving wire kept for later"
        :by="50"
      />
      more on the tail at the
      <LiveChoice
        :value="reserve.side"
        :options="SIDES"
        label="Tail kept for later"
        @change="(side) => bench.edit(paths('side'), side)"
      />
      for later, as for beads.</template
    >
    <button v-else type="button" class="unfold plain" @click="keep">Keep some for later</button>
  </p>
</template>
