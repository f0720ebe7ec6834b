<script setup lang="ts">
import type { MakingStep, MakingTold } from "../api/makings";

/** Every step of a making, ticked where it is done; another one is taken in hand by a press. */
const props = defineProps<{ steps: MakingStep[]; told: MakingTold; hand: number }>();
/** In the coarsest that is counted there. */
const whole = (i: number, count: number) => Math.floor(count / (props.steps[i]!.units.at(-1)?.each ?? 1));
const emit = defineEmits<{ choose: [number: number] }>();
</script>

<template>
  <section class="panel mt-3" aria-label="All steps">
    <h2>All steps</h2>
    <ol class="list-unstyled mb-0">
      <li v-for="(step, i) in steps" :key="i" class="border-bottom">
        <button
          type="button"
          class="making-step w-100 text-start d-flex gap-2 py-2 border-0 bg-transparent"
          :class="{ 'fw-semibold bg-primary-subtle': i === hand, quiet: told.steps[i]!.done }"
          :aria-current="i === hand ? 'step' : undefined"
          @click="emit('choose', i)"
        >
          <span class="figures">{{ told.steps[i]!.done ? "✓" : i + 1 }}</span>
          <span class="text-truncate flex-fill"
            ><template v-if="step.first != null">Second: </template>{{ step.words }}</span
          >
          <span v-if="told.steps[i]!.wanted" class="figures text-nowrap"
            >{{ whole(i, told.steps[i]!.differs?.made ?? told.steps[i]!.count) }} of
            {{ whole(i, told.steps[i]!.wanted!) }}</span
          >
        </button>
      </li>
    </ol>
  </section>
</template>
