<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { choices, named } from "../choices/choices";
import FormParts from "../sections/FormParts.vue";
import { withEnds } from "../document/change";
import { baseOf, endsIn } from "../document/routes";
import { closer, closers, holders, withFinding, withoutCloser } from "../findings/findings";
import FindingAdd from "../findings/FindingAdd.vue";
import FindingLines from "../findings/FindingLines.vue";
import LiveChoice from "./LiveChoice.vue";

/** What closes a bracelet, and how each of its ends is made. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const CLOSERS = [
  { key: "hook", name: "a hook of its own wire" },
  ...closers.map(({ key, name }) => ({ key, name: `a ${name}` })),
];
const ends = computed(() =>
  piece.value.endings
    .map((ending, index) => ({
      ending,
      index,
      end: endsIn(piece.value, ending.id)[0]!,
      form: named(choices().endings, ending.kind),
    }))
    .filter(({ end }) => end.number > 0)
    .map((one) => ({ ...one, side: one.end.side })),
);
const held = ["loop", "ribbon"].map((key) => named(choices().endings, key));
const former = computed(() => baseOf(piece.value, bench.hand.value).indexOf(ends.value[0]!.end.wire.id) + 1);

/** An end made anew. */
function made(index: number, kind: string) {
  const { id } = piece.value.endings[index]!;
  const own = bench.catalogue.value!.starts.bracelet.endings.find((one) => one.kind === kind);
  return { ...(own ?? named(choices().endings, kind).start), id, kind };
}
const withEnd = (index: number, kind: string) =>
  ({
    ...piece.value,
    endings: piece.value.endings.map((one, i) => (i === index ? made(i, kind) : one)),
  }) as typeof piece.value;

function closeWith(what: string) {
  const found = piece.value.endings.findIndex((one) => one.kind === "hook");
  const { index: last } = ends.value.find((one) => one.side === "end")!;
  const changed = what === "hook" ? withEnd(last, "hook") : found >= 0 ? withEnd(found, "loop") : piece.value;
  const bare = withoutCloser(changed);
  const closing = ends.value.map(({ ending }) => ending.id);
  const end = holders(bare).find((one) => one.side === "end" && closing.includes(one.id));
  void bench.change(what === "hook" || !end ? bare : withFinding(bare, what, end.id));
}

/** Has the next wire form the closures. */
function nextFormer() {
  const next = piece.value.endings.reduce((now, { id }) => {
    const [first, ...others] = endsIn(now, id);
    return withEnds(now, id, [...others, first!]);
  }, piece.value);
  void bench.change(next);
}
</script>

<template>
  <div>
    <p>
      <LiveChoice :value="closer(piece) ?? 'hook'" :options="CLOSERS" label="What closes it" @change="closeWith" />
      closes it.
      <template v-for="{ ending, index, side, form } in ends" :key="ending.id">
        The {{ side }} is <template v-if="ending.kind === 'hook'">{{ form.name }}</template><LiveChoice
          v-else
          :value="ending.kind"
          :options="held"
          :label="`The ${side} ends in`"
          @change="(kind) => bench.change(withEnd(index, kind))"
        />{{ " " }}<FormParts :parts="form.parts" :path="`/endings/${index}`" :name="`At the ${side}`" />.
      </template>
      <template v-if="ends.some(({ ending }) => ending.kind !== 'ribbon')">
        <button type="button" class="unfold plain" @click="nextFormer">Wire {{ former }}</button>
        forms a loop or hook; the next one is bound in.
      </template>
    </p>
    <FindingLines />
    <FindingAdd />
  </div>
</template>
