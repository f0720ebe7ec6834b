<script setup lang="ts">
import { computed, toRef } from "vue";
import { useFinished } from "../finished/finishedPictures";
import StepWords from "../common/StepWords.vue";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { usePicture } from "../strip/usePicture";
import { useFormat } from "../units/format";
import StepPicture from "./StepPicture.vue";
import { Stands } from "./stands";
import { breaksAt } from "./tasks";

/** What is done after what, as a maker would: each step in words and, where it makes something, as a picture. */
const props = defineProps<{ plan: Plan; piece: Piece }>();
const emit = defineEmits<{ stale: [] }>();
const format = useFormat();
const NAMES: Record<string, string> = {
  cut: "Cut",
  mark: "Mark",
  lead: "Go on",
  fold: "Fold",
  shape: "Shape",
  anchor: "Anchor",
  weave: "Weave",
  turn: "Turn over",
  bend: "Bend",
  join: "Join",
  bead: "Beads",
  secure: "Close",
  end: "End",
  pair: "The second one",
};
const breaks = computed(() => breaksAt(props.plan));
const stands = computed(() => new Stands(props.plan, props.piece));
const strip = usePicture(
  computed(() => props.plan.strip ?? undefined),
  () => emit("stale"),
);
const finished = useFinished(toRef(props, "plan"), () => emit("stale"));
const steps = computed(() =>
  props.plan.order.map((step, i) => ({
    ...step,
    name: NAMES[step.kind] ?? step.kind,
    before: props.plan.order.slice(0, i).flatMap((one) => one.makes),
  })),
);
</script>

<template>
  <ol class="mb-0">
    <li v-for="(step, i) in steps" :key="i" class="border-bottom py-2">
      <BRow class="align-items-start g-2">
        <BCol :md="step.kind === 'mark' ? 12 : 8">
          <b>{{ step.name }}.</b>&#32;<StepWords class="step-words" :kind="step.kind" :words="step.words" />{{ " "
          }}<span v-if="step.minutes > 0" class="quiet figures text-nowrap">about {{ format.time(step.minutes) }}</span>
          <p v-for="broken in breaks.get(i) ?? []" :key="broken" class="small text-danger mb-0 mt-1">{{ broken }}</p>
          <p v-if="step.caution" class="small mb-0 mt-1 border-start border-warning border-3 ps-2">
            {{ step.caution }}
          </p>
        </BCol>
        <BCol v-if="step.kind !== 'mark'" md="4">
          <StepPicture
            v-if="step.makes.length"
            :stands="stands"
            :strip="plan.strip ? strip : null"
            :piece="plan.strip ? null : finished"
            :before="step.before"
            :made="step.makes"
            :label="`${piece.name} after step ${i + 1}`"
          />
        </BCol>
      </BRow>
    </li>
  </ol>
</template>
