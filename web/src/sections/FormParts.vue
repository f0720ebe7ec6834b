<script setup lang="ts">
import LiveChoice from "../brief/LiveChoice.vue";
import LiveCount from "../brief/LiveCount.vue";
import LiveSize from "../brief/LiveSize.vue";
import PinnedValue from "../brief/PinnedValue.vue";
import { counted } from "../common/counted";
import { useBench } from "../bench/useBench";
import type { Part } from "../choices/choices";

/** The values of a form as they stand in its sentence. `path`: the form's pointer; `name`: what its fields belong to, where that is not the section in hand. */
const props = defineProps<{ parts: Part[]; path: string; name?: string }>();
const called = (part: Part) => (props.name ? `${props.name}: ${part.label}` : part.label);
const bench = useBench();
const valueOf = (part: Part) => bench.value(`${props.path}/${part.key}`);
/** What is counted before a word decides whether it is said of one or of many. */
const after = (part: Part) => (part.kind === "count" ? counted(part.after ?? "", valueOf(part)) : part.after);
function options(part: Part, at: number) {
  const before = props.parts[at - 1];
  if (before?.kind !== "count") return part.options!;
  return part.options!.map((one) => ({ ...one, name: counted(one.name, valueOf(before)) }));
}
</script>

<template>
  <template v-for="(part, i) in parts" :key="part.key"
    >{{ part.before?.startsWith(",") ? "" : " " }}{{ part.before }}
    <LiveSize v-if="part.kind === 'size'" :path="`${path}/${part.key}`" :label="called(part)" :by="part.by" />
    <PinnedValue v-else-if="part.open" quantity="frames" :label="called(part)" :by="1" />
    <LiveCount v-else-if="part.kind === 'count'" :path="`${path}/${part.key}`" :label="called(part)" />
    <LiveChoice
      v-else
      :value="String(bench.value(`${path}/${part.key}`) ?? part.options![0]!.key)"
      :options="options(part, i)"
      :label="called(part)"
      @change="(key) => bench.edit(`${path}/${part.key}`, part.kind === 'flag' ? key === 'true' : key)"
    />{{ /^[°,]/.test(part.after ?? "") || !part.after ? "" : " " }}{{ after(part) }}</template
  >
</template>
