<script setup lang="ts">
import { computed, ref } from "vue";
import PatternWords from "../brief/PatternWords.vue";
import { provideBench, useBench } from "../bench/useBench";
import { section as woven } from "../bench/weave";
import StripPanel from "../strip/StripPanel.vue";
import { usePicture } from "../strip/usePicture";
import WeaveCollection from "../weaves/WeaveCollection.vue";
import { createSectionBench } from "./sectionBench";

/** One woven section as a strip by itself, before it is bent: its weave, pointed at, watched, compared, as on a band. */
const props = defineProps<{ id: string; number: number }>();
const whole = useBench();
const bench = createSectionBench(whole, props.id);
provideBench(bench);
const plan = computed(() => bench.answer.value?.plan);
const picture = usePicture(
  computed(() => plan.value?.picture),
  () => void whole.replan(),
);
const looking = ref(false);
const panel = ref<InstanceType<typeof StripPanel> | null>(null);
const title = computed(() => `${whole.draft.value!.name}, section ${props.number}`);
defineExpose({ panel });
</script>

<template>
  <section
    v-if="plan && bench.draft.value && woven(bench.draft.value)"
    class="section-bench"
    :aria-label="`Section ${number} as a strip`"
  >
    <p class="sentence section-weave">
      <b>Section {{ number }}</b
      >, woven in <PatternWords @look="looking = !looking" /> as a strip before it is bent:
    </p>
    <WeaveCollection v-if="looking" @fold="looking = false" />
    <StripPanel ref="panel" :picture="picture" :title="title" />
  </section>
</template>
