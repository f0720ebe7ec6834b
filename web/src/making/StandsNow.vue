<script setup lang="ts">
import { computed, ref, shallowRef, watch } from "vue";
import { api } from "../api/client";
import type { Making } from "../api/makings";
import { useFinished } from "../finished/finishedPictures";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import StepPicture from "../order/StepPicture.vue";
import { Stands } from "../order/stands";
import { usePicture } from "../strip/usePicture";

/** The piece as it stands after the step in hand, what that makes lit; nothing where it makes nothing that is seen. */
const props = defineProps<{ making: Making; step: number }>();
const planned = shallowRef<{ plan: Plan; document: Piece } | null>(null);
const lost = ref(false);
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
const made = computed(() => props.making.steps[at.value]?.makes ?? []);
const before = computed(() => props.making.steps.slice(0, at.value).flatMap((one) => one.makes));
</script>

<template>
  <StepPicture
    v-if="planned && stands && made.length"
    class="making-picture"
    :stands="stands"
    :strip="planned.plan.strip ? strip : null"
    :piece="planned.plan.strip ? null : finished"
    :before="before"
    :made="made"
    :label="`${making.name} after this step`"
  />
  <p v-else-if="lost" class="quiet">The picture cannot be shown now.</p>
</template>
