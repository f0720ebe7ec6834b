<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import StripPanel from "../strip/StripPanel.vue";
import { usePicture } from "../strip/usePicture";

/** The section in hand as a straight strip, before it is bent: its weave, pointed at, watched, compared. */
defineProps<{ view: InstanceType<typeof StripPanel>["$props"]["view"] }>();
defineEmits<{ view: [view: "strip"] }>();
const bench = useBench();
const picture = usePicture(
  computed(() => bench.strip.value?.picture),
  () => void bench.replan(),
);
const panel = ref<InstanceType<typeof StripPanel> | null>(null);
const title = computed(() => {
  const { name, sections } = bench.draft.value!;
  const number = sections.findIndex((one) => one.id === bench.hand.value) + 1;
  return sections.length > 1 ? `${name}, section ${number}` : name;
});
defineExpose({ turn: () => panel.value?.turn() });
</script>

<template>
  <StripPanel ref="panel" :picture="picture" :title="title" :view="view" @view="$emit('view', $event)" />
</template>
