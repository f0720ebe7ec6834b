<script setup lang="ts">
import { computed } from "vue";
import { asPushed } from "../answers/pushed";
import { useBench } from "../bench/useBench";
import type { Built } from "../generated/built";
import PaceField from "../settings/PaceField.vue";
import PushField from "../settings/PushField.vue";
import { useFormat } from "../units/format";

/** What the whole piece comes to. */
const props = defineProps<{ built: Built }>();
const bench = useBench();
const format = useFormat();
const pushed = computed(() => asPushed(props.built.advice, props.built.sections.length));
</script>

<template>
  <section class="panel answers" aria-label="What it comes to">
    <header class="panel-head"><h2>What it comes to</h2></header>
    <p class="reached">
      {{ built.work.wraps }} wraps{{ built.pieces === 2 ? " each" : "" }}, about
      {{ format.time(built.work.minutes * built.pieces) }} of weaving at <PaceField @said="bench.replan" />,
      <PushField @said="bench.replan" /><template v-if="pushed">: {{ pushed }}</template
      >.
    </p>
    <dl class="facts figures">
      <div>
        <dt>Finished mass{{ built.pieces === 2 ? ", each" : "" }}</dt>
        <dd>{{ format.mass(built.mass_g) }}</dd>
      </div>
      <div>
        <dt>Width</dt>
        <dd>{{ format.length(built.extent[0]![1]! - built.extent[0]![0]!) }}</dd>
      </div>
      <div>
        <dt>Length</dt>
        <dd>{{ format.length(built.extent[1]![1]! - built.extent[1]![0]!) }}</dd>
      </div>
    </dl>
  </section>
</template>
