<script setup lang="ts">
import { refDebounced } from "@vueuse/core";
import { computed, ref, shallowRef, watch } from "vue";
import { api } from "../api/client";
import type { Making, StepTold } from "../api/makings";
import { useFinished } from "../finished/finishedPictures";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import StepPicture from "../order/StepPicture.vue";
import { type Made, Stands } from "../order/stands";
import { usePicture } from "../strip/usePicture";
import { counted } from "./counted";

/** The piece as it stands in the step in hand, what comes next lit; nothing where it makes nothing that is seen. */
const props = defineProps<{ making: Making; step: number; now: StepTold }>();
const planned = shallowRef<{ plan: Plan; document: Piece } | null>(null);
const lost = ref(false);
/** To be seen at arm's length. */
const HIGH = 300;
const LATER_MS = 120;
const MOST_LINES = 12_000;
/** The second of a pair is shown as its mirror image, or as the first, where it has none. */
const first = computed(() => props.making.steps[props.step]?.first ?? null);
const shown = computed(() => (first.value === null ? null : props.making.second) ?? props.making.document);
async function plan() {
  const asked = shown.value;
  try {
    const answer = await api.plan(asked);
    if (asked === shown.value) planned.value = answer;
  } catch {
    lost.value = true;
  }
}
watch(shown, plan, { immediate: true });
const NONE = { finished: [], extent: [], beads: { drawn: [] } } as unknown as Plan;
const strip = usePicture(
  computed(() => planned.value?.plan.strip ?? undefined),
  () => void plan(),
);
const finished = useFinished(
  computed(() => planned.value?.plan ?? NONE),
  () => void plan(),
);
const stands = computed(() => planned.value && new Stands(planned.value.plan, planned.value.document));
const at = computed(() => first.value ?? props.step);
const makes = computed(() => props.making.steps[at.value]?.makes ?? []);
const before = computed(() => props.making.steps.slice(0, at.value).flatMap((one) => one.makes));
/** Where the count is, a little later, so that counting never waits for a picture. */
const count = refDebounced(
  computed(() => props.now.count),
  LATER_MS,
);
/** What is drawn in a moment follows the count; anything else is shown as it is after the step. */
const isLight = computed(() => {
  const lines = (finished.value?.placed ?? []).flatMap(({ picture }) => picture.groups);
  return lines.reduce((sum, group) => sum + group.lines.length * Math.max(group.at?.length ?? 4, 4), 0) < MOST_LINES;
});
const made = computed(() => {
  const { count: planned, units } = props.making.steps[props.step]!;
  const { wanted, done } = props.now;
  if (!planned || !wanted || !isLight.value) return { there: [] as Made[], lit: makes.value };
  const each = units.at(-1)!.each;
  const shares = [count.value, count.value + each].map((one) => (done ? 1 : Math.min(one / wanted, 1)));
  return counted(makes.value, before.value, shares[0]!, shares[1]!);
});
</script>

<template>
  <StepPicture
    v-if="planned && stands && makes.length"
    class="making-picture"
    :class="{ tall: !planned.plan.strip }"
    :stands="stands"
    :strip="planned.plan.strip ? strip : null"
    :piece="planned.plan.strip ? null : finished"
    :before="[...before, ...made.there]"
    :made="made.lit"
    :label="`${making.name} in this step`"
    :high="HIGH"
  />
  <p v-else-if="lost" class="quiet">The picture cannot be shown now.</p>
</template>
