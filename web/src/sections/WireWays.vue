<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import { useUnfold } from "../common/useUnfold";
import { baseOf, type Side } from "../document/routes";
import { wovenBefore } from "./goingOn";
import WireFrom from "./WireFrom.vue";
import { endKey, endsFor, endWords, type Joint, jointsOf, withJoint } from "./ways";

/** Where the base wires of the section in hand come from and go on to; each may be led elsewhere. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const joints = computed(() => jointsOf(piece.value, bench.hand.value));
const count = computed(() => baseOf(piece.value, bench.hand.value).length);
const { topic, unfold, fold } = useUnfold<"ways">();

const wireName = (number: number) =>
  count.value === 1 ? "The wire" : count.value === 2 ? `The ${number === 1 ? "near" : "far"} wire` : `Wire ${number}`;
const verb = (side: Side) => (side === "start" ? "comes from" : "goes on to");
const ALONE = { key: "", name: "nothing more" };
function options(joint: Joint) {
  const open = endsFor(piece.value, bench.hand.value, joint);
  const all = joint.to ? [joint.to, ...open] : open;
  return [
    ALONE,
    ...all.map((end) => ({ key: endKey(end), name: endWords(piece.value, bench.answer.value!.plan, end) })),
  ];
}
const lead = (joint: Joint, key: string) => bench.change(withJoint(piece.value, bench.hand.value, joint, key || null));

const numberOf = (id: string) => piece.value.sections.findIndex((one) => one.id === id) + 1;
/** Can it be woven with the wire of another section? */
const weaver = computed(() => wovenBefore(piece.value, bench.hand.value, bench.answer.value!.plan).length > 0);

/** Wires that come from one section, or go on to it, said once. */
const said = computed(() => {
  const groups = new Map<string, number[]>();
  for (const { side, to, number } of joints.value)
    if (to) groups.set(`${side} ${to.section}`, [...(groups.get(`${side} ${to.section}`) ?? []), number]);
  return [...groups].map(([key, numbers]) => {
    const [side, id] = key.split(" ") as [Side, string];
    const at = numberOf(id);
    const wires =
      numbers.length === count.value && count.value > 1
        ? count.value === 2
          ? "both wires"
          : "all wires"
        : numbers.length === 1
          ? wireName(numbers[0]!).toLowerCase()
          : `wires ${numbers.slice(0, -1).join(", ")} and ${numbers.at(-1)}`;
    const many = numbers.length > 1;
    const does = side === "start" ? (many ? "come from" : "comes from") : many ? "go on to" : "goes on to";
    return `${wires} ${does} section ${at}`;
  });
});
const sentence = computed(() => {
  const words = said.value.join("; ");
  return words && `${words[0]!.toUpperCase()}${words.slice(1)}.`;
});
</script>

<template>
  <p v-if="piece.sections.length > 1 && count > 0" class="sentence">
    <template v-if="weaver">Woven with <WireFrom />. </template>{{ sentence }}
    <button type="button" class="unfold plain" :aria-expanded="topic === 'ways'" @click="unfold('ways')">
      {{ sentence ? "Lead its wires otherwise" : "Lead its wires on from others" }}
    </button>
  </p>
  <div
    v-if="topic === 'ways'"
    class="fine-print d-flex gap-3 align-items-start rounded bg-body-tertiary ps-3 pe-2 py-1 serif lh-lg"
  >
    <ul class="plain flex-fill">
      <li v-for="joint in joints" :key="`${joint.number} ${joint.side}`">
        {{ wireName(joint.number) }} {{ verb(joint.side) }}
        <template v-if="joint.ending">what it is bent to there</template>
        <LiveChoice
          v-else
          :value="joint.to ? endKey(joint.to) : ''"
          :options="options(joint)"
          :label="`${wireName(joint.number)} ${verb(joint.side)}`"
          @change="(key) => lead(joint, key)"
        />
      </li>
    </ul>
    <BCloseButton aria-label="Fold away" @click="fold" />
  </div>
</template>
