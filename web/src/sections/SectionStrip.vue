<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import StripPanel from "../strip/StripPanel.vue";
import { usePicture } from "../strip/usePicture";
import { useFormat } from "../units/format";

/** The section in hand as a straight strip, before it is bent: its weave, pointed at, watched, compared. */
defineProps<{ view: InstanceType<typeof StripPanel>["$props"]["view"] }>();
defineEmits<{ view: [view: "strip"] }>();
const bench = useBench();
const format = useFormat();
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
/** What its picture shows, for those who do not see it. */
const about = computed(() => {
  const strip = bench.strip.value;
  return strip ? `, ${strip.repeats} repeats of ${strip.weave.words}, ${format.length(strip.woven_mm)} woven` : "";
});
defineExpose({ turn: () => panel.value?.turn() });
</script>

<template>
  <StripPanel ref="panel" :picture="picture" :title="`${title}${about}`" :view="view" @view="$emit('view', $event)" />
</template>
