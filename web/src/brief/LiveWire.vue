<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "./LiveChoice.vue";
import LiveSize from "./LiveSize.vue";

/** A wire in a sentence: size, metal and temper. All the wires given take every change; the first one is shown. */
const props = defineProps<{ indexes: number[]; name: string }>();

const bench = useBench();
const wire = computed(() => bench.draft.value!.wires[props.indexes[0]!]!);
const paths = (field: string) => props.indexes.map((index) => `/wires/${index}/${field}`);
</script>

<template>
  <span class="live-wire">
    <LiveSize :path="paths('size')[0]!" :twins="paths('size').slice(1)" :label="`${name}: size`" :by="0.05" wire />
    {{ " "
    }}<LiveChoice
      :value="wire.temper"
      :options="bench.catalogue.value!.tempers"
      :label="`${name}: temper`"
      @change="(key) => bench.edit(paths('temper'), key)"
    />
    {{ " "
    }}<LiveChoice
      :value="wire.metal"
      :options="bench.catalogue.value!.metals"
      :label="`${name}: metal`"
      @change="(key) => bench.edit(paths('metal'), key)"
    />
  </span>
</template>
