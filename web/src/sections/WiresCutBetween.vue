<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { waysTo, withWay } from "./document";

/** Which of the wires that go on from another section are cut away between the two once both are woven. */
const props = defineProps<{ index: number }>();
const bench = useBench();
const ways = computed(() => {
  const section = bench.draft.value!.sections[props.index]!;
  if (!("at" in section) || section.at?.kind !== "after") return [];
  const onto = section.at.section;
  return waysTo(bench.draft.value!, section.id)
    .filter((way) => way.onto === onto)
    .sort((one, two) => one.number - two.number);
});
const cut = computed(() => ways.value.filter((way) => way.away).length);
</script>

<template>
  <template v-if="ways.length > 1"
    >{{ " "
    }}<span class="d-inline-flex flex-wrap align-items-center gap-1">
      (cut away in the end:
      <BButton
        v-for="{ wire, number, at, away } in ways"
        :key="number"
        variant="outline-secondary"
        class="figures"
        :pressed="away"
        :aria-label="`Cut wire ${number} away before it`"
        :disabled="!away && cut + 1 >= ways.length"
        @click="bench.change(withWay(bench.draft.value!, wire, at, !away))"
      >
        {{ number }}</BButton>)
    </span></template
  >
</template>
