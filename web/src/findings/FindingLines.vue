<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import FormParts from "../sections/FormParts.vue";
import { useFormat } from "../units/format";
import { choices, named } from "../choices/choices";
import { holdingSides, withFinding, withoutFinding } from "./findings";

/** What is hung on the endings: jump rings, chain, a clasp, an ear wire. */
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const sides = computed(() => holdingSides(piece.value).map((key) => ({ key, name: key })));
const metals = computed(() => bench.catalogue.value!.metals);
const told = computed(() => bench.answer.value?.plan.findings ?? []);
const lines = computed(() =>
  (piece.value.findings ?? []).map((finding, index) => ({
    finding,
    index,
    form: named(choices().findings, finding.kind),
    told: told.value.find((one) => one.id === finding.id),
  })),
);
function add(event: Event) {
  const select = event.target as HTMLSelectElement;
  const side = sides.value.at(-1)?.key;
  if (select.value && side) void bench.change(withFinding(piece.value, select.value, side));
  select.value = "";
}
</script>

<template>
  <ul v-if="lines.length || sides.length" class="ending-lines" aria-label="What is hung on the ends">
    <li v-for="{ finding, index, form, told: one } in lines" :key="finding.id" class="sentence">
      At the
      <LiveChoice
        :value="finding.side"
        :options="sides"
        :label="`Finding ${index + 1}: side`"
        @change="(side) => bench.edit(`/findings/${index}/side`, side)"
      />
      {{ form.name }}<FormParts :parts="form.parts" :path="`/findings/${index}`" :name="`Finding ${index + 1}`" />
      {{ " "
      }}<LiveChoice
        v-if="form.metal && 'metal' in finding"
        :value="finding.metal"
        :options="metals"
        :label="`Finding ${index + 1}: metal`"
        @change="(metal) => bench.edit(`/findings/${index}/metal`, metal)"
      />
      <span v-if="one && one.cut_mm !== null" class="quiet figures"
        >&ensp;from {{ format.cut(one.cut_mm) }} of wire<template v-if="one.per_metre !== null"
          >; a metre makes {{ one.per_metre }}</template
        ></span
      >
      <button
        type="button"
        class="quiet-act"
        :aria-label="`Take finding ${index + 1} off`"
        @click="bench.change(withoutFinding(piece, finding.id))"
      >
        Take it off
      </button>
    </li>
    <li v-if="sides.length" class="ending-add">
      <label
        >Hang on an ending
        <select aria-label="Add a finding" @change="add">
          <option value="">nothing more</option>
          <option v-for="one in choices().findings" :key="one.key" :value="one.key">{{ one.name }}</option>
        </select></label
      >
    </li>
  </ul>
</template>
