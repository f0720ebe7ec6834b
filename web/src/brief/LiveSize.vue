<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { useSettings } from "../settings/useSettings";
import { useFormat, withUnit } from "../units/format";
import { alsoReads } from "../units/also";
import { stepText } from "../units/step";
import LiveText from "./LiveText.vue";

/** A length of the document, at a JSON pointer, in the words it was typed in. */
const props = withDefaults(
  defineProps<{
    path: string;
    label: string;
    /** How far an arrow key moves it, in mm. @default 1 */
    by?: number;
    /** A wire's diameter: a bare number is always mm. */
    wire?: boolean;
    /** Pointers that always get the same value. */
    twins?: string[];
    /** What stands where the document does not say it. */
    unsaid?: string;
    /** How it is changed, where that is more than a value in its place. */
    put?: (size: { typed: string }) => void;
  }>(),
  { by: 1, wire: false, twins: () => [], put: undefined, unsaid: "" },
);

const bench = useBench();
const settings = useSettings();
const format = useFormat();
const fault = computed(() => bench.faultAt(props.path).value);
const doubt = computed(() => bench.adviceAt(props.path).value);
const typed = computed(() => (bench.value(props.path) as { typed: string } | undefined)?.typed ?? props.unsaid);
const also = computed(() => {
  const read = bench.read(props.path);
  if (!read || read.typed !== typed.value) return undefined;
  return alsoReads(typed.value, props.wire ? format.wire(read.mm) : format.length(read.mm));
});
function change(text: string) {
  const size = { typed: props.wire ? text : withUnit(text, settings.units) };
  if (props.put) props.put(size);
  else void bench.edit([props.path, ...props.twins], size);
}
</script>

<template>
  <LiveText
    :value="typed"
    :label="label"
    :fault="fault"
    :doubtful="doubt?.id === 'value-doubtful'"
    :also="also"
    :step="(text, direction) => stepText(text, direction, by)"
    @change="change"
  />
</template>
