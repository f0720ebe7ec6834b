<script setup lang="ts">
import LiveChoice from "./LiveChoice.vue";
import { computed, ref, shallowRef, watch } from "vue";
import { api, ApiProblem, type Filling } from "../api/client";
import { isPinned, pinIndex, withoutPin, withPin, worn } from "../bench/pins";
import { useBench } from "../bench/useBench";
import { begunWithin, section, withSection, withStart } from "../bench/weave";
import { useSettings } from "../settings/useSettings";
import { useFormat, withUnit } from "../units/format";

/** Fills a length evenly: as many coils between the motifs as leave the least over, alike from both ends. */
const bench = useBench();
const settings = useSettings();
const format = useFormat();
const strip = bench.strip;
const around = computed(() => bench.answer.value!.plan.worn);
/** What the strip takes beyond its weave and its bare ends: its endings, where it is all of the piece. */
const endsMm = computed(() =>
  bench.answer.value!.plan.strip && around.value
    ? around.value.strip_mm - strip.value.woven_mm - 2 * strip.value.bare_mm
    : 0,
);
const parts = computed(() => strip.value.weave.notation.split(", "));
const length = ref(format.length(strip.value.woven_mm + 2 * strip.value.bare_mm + endsMm.value));
/** The coils that may be more or fewer: at first the most of them. */
const free = ref(-1);
const fillings = shallowRef<Filling[]>([]);
const fault = ref("");
const times = (index: number) => {
  const group = strip.value.weave.groups[index];
  return group?.kind === "wraps" ? group.times : 0;
};
watch(
  () => strip.value.weave.free,
  (choices) => {
    if (!choices.includes(free.value)) free.value = [...choices].sort((a, b) => times(b) - times(a))[0] ?? -1;
  },
  { immediate: true },
);

async function find() {
  try {
    const strip = { typed: withUnit(length.value, settings.units) };
    fillings.value = (await api.fillEvenly({ ...bench.asked(bench.draft.value!), strip, free: free.value })).fillings;
    fault.value = "";
  } catch (error) {
    const first = error instanceof ApiProblem ? error.faults[0] : undefined;
    fillings.value = [];
    fault.value = first ? `${first.message}; accepted: ${first.accepted}` : "Meander cannot be reached";
  }
}

/** What the wrist or finger asks for stays pinned where the length is that; any other length stands by itself. */
function take(filling: Filling) {
  const { pattern, from, bare_mm, repeats, woven_mm } = filling;
  const now = bench.draft.value!;
  const id = bench.hand.value;
  const bare = { ...section(now, id).bare, length: { typed: `${bare_mm.toFixed(2)} mm` } };
  const started = withStart(now, id, from, begunWithin(now, id));
  const reached = woven_mm + 2 * bare_mm + endsMm.value;
  let piece = withPin(withSection(started, id, { pattern, bare, centre: "own" }), "repeats", repeats, id);
  for (const quantity of ["woven", "wire"] as const)
    if (pinIndex(piece, quantity, id) >= 0) piece = withoutPin(piece, quantity, id);
  const round = worn(piece);
  const asWorn = Math.abs(reached - (around.value?.wanted_mm ?? 0)) < 0.5;
  const loose = round && bench.answer.value!.plan.strip && isPinned(piece, round, id) && !asWorn;
  void bench.change(loose ? withoutPin(piece, round, id) : piece);
}
const isTaken = (filling: Filling) => {
  const { pattern } = section(bench.draft.value!, bench.hand.value);
  return (
    pattern.kind === "walk" &&
    pattern.gaps.join() === filling.pattern.gaps.join() &&
    strip.value.repeats === filling.repeats
  );
};
const over = (filling: Filling) =>
  Math.abs(filling.left_mm) < 0.05 ? "nothing" : format.signed(filling.left_mm, ["too long", "left over"]);
</script>

<template>
  <div v-if="strip.weave.free.length" class="even-fill">
    <p>
      Fill
      <span class="live" :class="{ wrong: fault }"
        ><input v-model="length" aria-label="Strip to fill, end to end" @keydown.enter="find"
      /></span>
      of strip evenly, with more or fewer of
      <LiveChoice
        :value="String(free)"
        :options="strip.weave.free.map((choice) => ({ key: String(choice), name: parts[choice]! }))"
        label="Coils that may be more or fewer"
        @change="(key) => (free = Number(key))"
      />
      <BButton variant="link" @click="find">Make it even</BButton>
    </p>
    <p v-if="fault" class="said-wrong text-danger small sans" role="alert">{{ fault }}</p>
    <table v-if="fillings.length" class="table table-sm w-auto figures" aria-label="Even fillings">
      <thead>
        <tr>
          <th scope="col">coils between</th>
          <th scope="col">motifs</th>
          <th scope="col">woven</th>
          <th scope="col">left over</th>
          <th scope="col">bare at each end</th>
          <th scope="col">woven from</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        <tr v-for="filling in fillings" :key="`${filling.between} ${filling.repeats}`">
          <td>{{ filling.between }}</td>
          <td>{{ filling.repeats }}</td>
          <td>{{ format.length(filling.woven_mm) }}</td>
          <td>{{ over(filling) }}</td>
          <td>{{ format.length(filling.bare_mm) }}</td>
          <td>{{ filling.from === "end" ? "one end" : "the middle" }}</td>
          <td>
            <BButton variant="link" :disabled="isTaken(filling)" @click="take(filling)">
              {{ isTaken(filling) ? "On the bench" : "Take it" }}
            </BButton>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="fillings.length" class="quiet">
      Each begins and ends with the same coils on one wire, alike from both ends.
    </p>
  </div>
</template>
