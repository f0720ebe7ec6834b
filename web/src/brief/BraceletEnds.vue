<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { choices, named } from "../choices/choices";
import FormParts from "../sections/FormParts.vue";
import { withFinding } from "../findings/findings";
import FindingLines from "../findings/FindingLines.vue";
import LiveChoice from "./LiveChoice.vue";

/** What closes a bracelet, and how each of its ends is made. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const CLOSERS = [
  { key: "hook", name: "a hook of its own wire" },
  { key: "clasp", name: "a clasp" },
  { key: "toggle", name: "a toggle" },
];
const closer = computed(
  () => (piece.value.findings ?? []).find((one) => one.kind === "clasp" || one.kind === "toggle")?.kind ?? "hook",
);
const ends = computed(() =>
  piece.value.endings.map((ending, index) => ({
    ending,
    index,
    form: named(choices().endings, ending.kind),
  })),
);
const held = ["loop", "ribbon"].map((key) => named(choices().endings, key));
const former = computed(() => piece.value.sections[0]!.base.indexOf(piece.value.endings[0]!.wires[0]!) + 1);

/** An end made anew, on the wires it had. */
function made(index: number, kind: string) {
  const { id, side, wires } = piece.value.endings[index]!;
  const own = bench.catalogue.value!.starts.bracelet.endings.find((one) => one.kind === kind);
  return { ...(own ?? named(choices().endings, kind).start), id, side, wires, kind };
}
const withEnd = (index: number, kind: string) =>
  ({
    ...piece.value,
    endings: piece.value.endings.map((one, i) => (i === index ? made(i, kind) : one)),
  }) as typeof piece.value;

function closeWith(what: string) {
  const found = piece.value.endings.findIndex((one) => one.kind === "hook");
  const last = piece.value.endings.findIndex((one) => one.side === "end");
  const changed = what === "hook" ? withEnd(last, "hook") : found >= 0 ? withEnd(found, "loop") : piece.value;
  const findings = (piece.value.findings ?? []).filter((one) => one.kind !== "clasp" && one.kind !== "toggle");
  void bench.change(what === "hook" ? { ...changed, findings } : withFinding({ ...changed, findings }, what, "end"));
}

/** Has the next wire form the closures. */
function nextFormer() {
  const endings = piece.value.endings.map((one) => ({ ...one, wires: [...one.wires.slice(1), one.wires[0]!] }));
  void bench.change({ ...piece.value, endings } as typeof piece.value);
}
</script>

<template>
  <div>
    <p>
      <LiveChoice :value="closer" :options="CLOSERS" label="What closes it" @change="closeWith" /> closes it.
      <template v-for="{ ending, index, form } in ends" :key="ending.id">
        The {{ ending.side }} is <template v-if="ending.kind === 'hook'">{{ form.name }}</template><LiveChoice
          v-else
          :value="ending.kind"
          :options="held"
          :label="`The ${ending.side} ends in`"
          @change="(kind) => bench.change(withEnd(index, kind))"
        />{{ " " }}<FormParts :parts="form.parts" :path="`/endings/${index}`" :name="`At the ${ending.side}`" />.
      </template>
      <template v-if="ends.some(({ ending }) => ending.kind !== 'ribbon')">
        <button type="button" class="unfold plain" @click="nextFormer">Wire {{ former }}</button>
        forms a loop or hook; the next one is bound in.
      </template>
    </p>
    <FindingLines />
  </div>
</template>
