<script setup lang="ts">
import LiveChoice from "../brief/LiveChoice.vue";
import LiveCount from "../brief/LiveCount.vue";
import LiveSize from "../brief/LiveSize.vue";
import { useBench } from "../bench/useBench";
import type { Part } from "../choices/choices";

/** The values of a form as they stand in its sentence. `path`: the form's pointer; `name`: what its fields belong to. */
defineProps<{ parts: Part[]; path: string; name: string }>();
const bench = useBench();
</script>

<template>
  <template v-for="part in parts" :key="part.key"
    >{{ part.before?.startsWith(",") ? "" : " " }}{{ part.before }}
    <LiveSize
      v-if="part.kind === 'size'"
      :path="`${path}/${part.key}`"
      :label="`${name}: ${part.label}`"
      :by="part.by"
    />
    <LiveCount v-else-if="part.kind === 'count'" :path="`${path}/${part.key}`" :label="`${name}: ${part.label}`" />
    <LiveChoice
      v-else
      :value="String(bench.value(`${path}/${part.key}`) ?? part.options![0]!.key)"
      :options="part.options!"
      :label="`${name}: ${part.label}`"
      @change="(key) => bench.edit(`${path}/${part.key}`, part.kind === 'flag' ? key === 'true' : key)"
    />{{ /^[°,]/.test(part.after ?? "") || !part.after ? "" : " " }}{{ part.after }}</template
  >
</template>
