<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { asSaid } from "../document/asSaid";
import { type Kind, kindOf, withKind } from "../document/kinds";
import LiveChoice from "./LiveChoice.vue";
import LiveSize from "./LiveSize.vue";

/** A wire in a sentence: size, metal and temper; or cord, where that may be. All the wires given take every change; the first one is shown. */
const props = defineProps<{ wires: string[]; name: string; cord?: boolean }>();

const bench = useBench();
const kind = computed(() => kindOf(bench.draft.value!, props.wires[0]!));
const all = computed(() => bench.catalogue.value!.metals);
const spun = computed(() => all.value.some((one) => one.key === kind.value.metal && one.cord));
const metals = computed(() => (props.cord || spun.value ? all.value : all.value.filter((one) => !one.cord)));
const path = computed(() => `/kinds/${bench.draft.value!.kinds.findIndex((one) => one.id === kind.value.id)}/size`);
const put = (changes: object) =>
  void bench.change(
    withKind(bench.draft.value!, props.wires, changes as Partial<Kind>),
    `${Object.keys(changes).join()} of ${props.wires.join()}`,
  );
</script>

<template>
  <span>
    <LiveSize
      :path="path"
      :put="({ typed }) => put(asSaid(typed, metals, bench.catalogue.value!.tempers))"
      :label="`${name}: size`"
      :by="0.05"
      wire
    />
    <template v-if="!spun"
      >{{ " "
      }}<LiveChoice
        :value="kind.temper"
        :options="bench.catalogue.value!.tempers"
        :label="`${name}: temper`"
        @change="(temper) => put({ temper })"
    /></template>
    {{ " "
    }}<LiveChoice :value="kind.metal" :options="metals" :label="`${name}: metal`" @change="(metal) => put({ metal })" />
  </span>
</template>
