<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { baseIndexes, section, withSection } from "../bench/weave";
import LiveChoice from "./LiveChoice.vue";
import LiveSize from "./LiveSize.vue";
import LiveWire from "./LiveWire.vue";

/** How the base wires lie and are cut, and which are cut away after weaving. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const now = computed(() => section(piece.value));
const SPACINGS = [
  { key: "tight", name: "as close as the weave lets them" },
  { key: "apart", name: "held apart" },
];

function takeSpacing(kind: string) {
  const clear = Array.from({ length: now.value.base.length - 1 }, () => ({ typed: "0.5 mm" }));
  void bench.change(withSection(piece.value, { spacing: kind === "apart" ? { kind, clear } : { kind: "tight" } }));
}
function toggle(id: string) {
  const away = now.value.cut_away;
  const cut_away = away.includes(id) ? away.filter((other) => other !== id) : [...away, id];
  void bench.change(withSection(piece.value, { cut_away }));
}
const mayGo = (id: string) => now.value.cut_away.includes(id) || now.value.cut_away.length + 1 < now.value.base.length;
</script>

<template>
  <div>
    <p>
      Each base wire is cut with a tail of <LiveSize path="/allowances/base_tail" label="Tail of a base wire" /> to hold
      before the start, and <LiveSize path="/allowances/trim" label="Trim allowance" /> to trim at the far end.
      <template v-if="now.base.length > 1">
        They lie
        <LiveChoice
          :value="now.spacing.kind"
          :options="SPACINGS"
          label="How the base wires lie"
          @change="takeSpacing"
        /><template v-if="now.spacing.kind === 'apart'"
          >, clear gaps
          <template v-for="(_, i) in now.spacing.clear" :key="i"
            ><LiveSize :path="`/sections/0/spacing/clear/${i}`" :label="`Clear gap ${i + 1}`" :by="0.1" />{{
              " "
            }}</template
          ></template
        >.
      </template>
    </p>
    <p v-if="now.base.length > 1" class="wire-row">
      Cut away after weaving:
      <button
        v-for="(id, i) in now.base"
        :key="id"
        type="button"
        class="toggle figures"
        :aria-pressed="now.cut_away.includes(id)"
        :aria-label="`Cut away base wire ${i + 1}`"
        :disabled="!mayGo(id)"
        @click="toggle(id)"
      >
        {{ i + 1 }}
      </button>
    </p>
    <ol v-if="now.base.length > 2" class="each-wire">
      <li v-for="(index, i) in baseIndexes(piece)" :key="index">
        <LiveWire :indexes="[index]" :name="`Base wire ${i + 1}`" />
      </li>
    </ol>
  </div>
</template>
