<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** The weaving wire: what to cut, and why it is that much, each reason apart. */
const props = defineProps<{ plan: Plan }>();
const format = useFormat();

const weaving = computed(() => props.plan.weaving);
const longest = computed(() => Math.max(...weaving.value.lengths.map((length) => length.cut_mm)));
const account = computed(() => [
  { name: "path", mm: weaving.value.path_mm },
  { name: "slack", mm: weaving.value.slack_mm },
  { name: "tails", mm: weaving.value.tails_mm },
  { name: "waste", mm: weaving.value.waste_mm },
  { name: "margin", mm: weaving.value.margin_mm },
]);
</script>

<template>
  <article
    v-for="(length, index) in weaving.lengths"
    :key="index"
    class="cut"
    :aria-label="`Weaving length ${index + 1}`"
  >
    <div class="cut-number">
      <strong class="figures">{{ format.cut(length.cut_mm) }}</strong>
      <span v-if="index === 0">weaving · {{ weaving.words }}</span>
    </div>
    <div class="bar-frame">
      <div class="bar coil" :style="{ width: `${(100 * length.cut_mm) / longest}%`, '--wire': weaving.colour }" />
      <p class="parts figures">
        repeats <b>{{ length.first }}–{{ length.last }}</b>
        <span v-if="index > 0"
          >joins at {{ format.length(weaving.joins[index - 1]!.at_mm) }}, on the single coils of repeat
          {{ length.first }}, at the back</span
        >
      </p>
    </div>
  </article>
  <dl class="account figures" aria-label="Weaving wire in all">
    <template v-for="entry in account" :key="entry.name">
      <div>
        <dt>{{ entry.name }}</dt>
        <dd>{{ format.long(entry.mm) }}</dd>
      </div>
    </template>
    <div class="sum">
      <dt>in all</dt>
      <dd>{{ format.long(weaving.total_mm) }}</dd>
    </div>
  </dl>
</template>
