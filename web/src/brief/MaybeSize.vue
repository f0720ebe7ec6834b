<script setup lang="ts">
import { useBench } from "../bench/useBench";
import LiveSize from "./LiveSize.vue";

/** A length of the document that may be left as it usually is. */
const props = defineProps<{
  path: string;
  label: string;
  /** What it is called while nothing stands there, and what it begins with once something does. */
  usual: string;
  start: () => { typed: string };
  by?: number;
}>();
const bench = useBench();
</script>

<template>
  <template v-if="bench.value(path)"
    ><LiveSize :path="path" :label="label" :by="by ?? 0.1" /><button
      type="button"
      class="unfold plain ms-1"
      :aria-label="`${label}: ${usual} again`"
      @click="bench.edit(path, null)"
    >
      ×
    </button></template
  ><button
    v-else
    type="button"
    class="unfold plain"
    :aria-label="`${label}: say it`"
    @click="bench.edit(path, props.start())"
  >
    {{ usual }}
  </button>
</template>
