<script setup lang="ts">
import { computed, ref } from "vue";
import PatternWords from "../brief/PatternWords.vue";
import { provideBench, useBench } from "../bench/useBench";
import { section as woven } from "../bench/weave";
import StripPanel from "../strip/StripPanel.vue";
import { usePicture } from "../strip/usePicture";
import WeaveCollection from "../weaves/WeaveCollection.vue";
import { createSectionBench } from "./sectionBench";

/**
 * The section in hand as a straight strip, before it is bent: its weave, pointed at, watched, compared. Of a piece that is one such strip
 * all of it; its weave is said in the brief then.
 */
const props = defineProps<{ id: string; number: number }>();
const whole = useBench();
const all = computed(() => Boolean(whole.answer.value?.plan.strip));
const bench = all.value ? whole : createSectionBench(whole, props.id);
provideBench(bench);
const picture = usePicture(
  computed(() => bench.strip.value?.picture),
  () => void whole.replan(),
);
const looking = ref(false);
const panel = ref<InstanceType<typeof StripPanel> | null>(null);
const title = computed(() => (all.value ? "" : `, section ${props.number}`));
defineExpose({ panel });
</script>

<template>
  <section
    v-if="bench.strip.value && bench.draft.value && woven(bench.draft.value, id)"
    :class="{ 'section-bench': !all }"
    :aria-label="all ? undefined : `Section ${number} as a strip`"
  >
    <template v-if="!all">
      <p class="sentence section-weave">
        <b>Section {{ number }}</b
        >, woven in <PatternWords @look="looking = !looking" /> as a strip before it is bent:
      </p>
      <WeaveCollection v-if="looking" @fold="looking = false" />
    </template>
    <StripPanel ref="panel" :picture="picture" :title="`${whole.draft.value!.name}${title}`" />
  </section>
</template>
