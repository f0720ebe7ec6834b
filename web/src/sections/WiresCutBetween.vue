<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";

/** Which of the wires that go on from another section are cut away between the two once both are woven. */
const props = defineProps<{ index: number }>();
const bench = useBench();
const section = computed(() => {
  const found = bench.draft.value!.sections[props.index]!;
  return found.craft === "lace" ? null : found;
});
const cut = computed(() => (section.value?.at?.kind === "after" ? (section.value.at.cut_away ?? []) : []));
const shared = computed(() => {
  const at = section.value?.at;
  if (at?.kind !== "after") return [];
  const onto = bench.draft.value!.sections.find((one) => one.id === at.section);
  return section.value!.base.map((id, i) => ({ id, number: i + 1 })).filter(({ id }) => onto?.base.includes(id));
});
const toggle = (id: string) =>
  bench.edit(
    `/sections/${props.index}/at/cut_away`,
    cut.value.includes(id) ? cut.value.filter((one) => one !== id) : [...cut.value, id],
  );
</script>

<template>
  <span v-if="shared.length > 1" class="cut-between">
    In the end cut away before it:
    <button
      v-for="{ id, number } in shared"
      :key="id"
      type="button"
      class="toggle figures"
      :aria-pressed="cut.includes(id)"
      :aria-label="`Section ${index + 1}: cut wire ${number} away before it`"
      :disabled="!cut.includes(id) && cut.length + 1 >= shared.length"
      @click="toggle(id)"
    >
      {{ number }}
    </button>
  </span>
</template>
