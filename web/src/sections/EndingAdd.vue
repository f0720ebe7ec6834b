<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { useBench } from "../bench/useBench";
import { choices } from "../choices/choices";
import PictureChoices from "../choices/PictureChoices.vue";
import { ENDINGS } from "../choices/pictures";
import { foldable, loops, openEnds, seatWords, wireWords, withEndingAdded } from "./endings";

/** Wires that are cut flush now, ended otherwise: where, and in what; what is left of the weaving wire too, or that alone. */
const props = defineProps<{ worked?: boolean }>();
const MOST_ENDINGS = 40;
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const full = computed(() => piece.value.endings.length >= MOST_ENDINGS);
const ends = computed(() =>
  openEnds(piece.value, bench.answer.value!.plan).filter((one) => one.worked || !props.worked),
);
const open = ref(false);
const chosen = ref(0);
const end = computed(() => ends.value[chosen.value] ?? ends.value[0]);
/** Which of the wires there, by the number of their seats: all of them to begin with. */
const taken = ref<number[]>([]);
watch([open, end], () => (taken.value = end.value?.ends.map((one) => one.number) ?? []));
const chosenEnds = computed(() => end.value?.ends.filter((one) => taken.value.includes(one.number)) ?? []);
const wires = computed(() =>
  (end.value?.ends ?? []).map((one) => ({
    value: one.number,
    text: wireWords(piece.value, bench.answer.value!.plan, one),
  })),
);
const places = computed(() =>
  ends.value.map(({ side, section, ends }, i) => ({
    value: i,
    text: `${side}, ${seatWords(
      piece.value,
      section,
      ends.map((one) => one.number),
    )}`,
  })),
);
/** Why these wires cannot be ended so; false where they can. */
function why(key: string) {
  if (key === "led") return !loops(piece.value).length && "bend a loop, eye or curl first";
  return key === "fold" && !foldable(piece.value, chosenEnds.value) && "two ends alike, side by side";
}
const options = computed(() =>
  choices()
    .endings.filter((one) => (end.value?.worked ? one.worked : one.key !== "plain"))
    .map(({ key, name }) => ({
      key,
      name,
      lines: ENDINGS[key],
      off: chosenEnds.value.length ? why(key) : "choose a wire first",
    })),
);
function add(kind: string) {
  open.value = false;
  void bench.change(withEndingAdded(piece.value, chosenEnds.value, kind));
}
</script>

<template>
  <template v-if="ends.length">
    <BButton variant="outline-primary" :disabled="full" @click="open = true">{{
      worked ? "End the weaving wire…" : "End a wire…"
    }}</BButton>
    <span v-if="full" class="quiet ms-2">A piece has at most {{ MOST_ENDINGS }} endings.</span>
    <BModal v-model="open" title="Wires that are cut flush now" size="lg" no-footer lazy>
      <BFormRadioGroup
        v-model="chosen"
        :options="places"
        buttons
        button-variant="outline-secondary"
        class="flex-wrap mb-3"
        aria-label="Which wires"
      />
      <BFormCheckboxGroup
        v-if="wires.length > 1"
        v-model="taken"
        :options="wires"
        buttons
        button-variant="outline-secondary"
        class="flex-wrap mb-3"
        aria-label="Which of them"
      />
      <PictureChoices :options="options" @choose="add" />
    </BModal>
  </template>
</template>
