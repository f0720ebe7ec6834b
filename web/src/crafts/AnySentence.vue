<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { crafts } from "../choices/choices";
import BaseWires from "../sections/BaseWires.vue";
import FormParts from "../sections/FormParts.vue";
import PlaceWords from "../sections/PlaceWords.vue";

/** A section of a craft that has no sentence of its own here: what it holds, as the table of fields has it. */
const bench = useBench();
const index = computed(() => bench.draft.value!.sections.findIndex((one) => one.id === bench.hand.value));
const craft = computed(() => crafts()[bench.draft.value!.sections[index.value]!.craft]!);
</script>

<template>
  <p class="sentence">
    <PlaceWords /> <BaseWires /> worked as {{ craft.words
    }}<FormParts :parts="craft.parts" :path="`/sections/${index}`" />.
  </p>
</template>
