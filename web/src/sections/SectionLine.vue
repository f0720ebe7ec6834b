<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from "vue";
import { isStrip } from "../bench/kinds";
import { useBench } from "../bench/useBench";
import { stitches } from "../crafts/braid/braid";
import { sentenceOf } from "../crafts/sentences";
import { useFormat } from "../units/format";
import { foundWords, giveWords } from "./meetings";
import PetalsDialog from "./PetalsDialog.vue";
import { sectionsNamed } from "../answers/together";
import { unlike, withOthersLike } from "./others";
import { isPetal, whyNoPetals } from "./petals";
import WireWays from "./WireWays.vue";
import { alikeBefore, type Formed, isFormed, withMirror, withoutSection } from "./document";

/** One section: the one in hand as a sentence, every value in it alive; any other in a line that opens at a touch. */
const props = defineProps<{ index: number }>();
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const section = computed(() => piece.value.sections[props.index]!);
const inHand = computed(() => section.value.id === bench.hand.value);
const many = computed(() => piece.value.sections.length > 1);
const told = computed(() => bench.answer.value!.plan.sections.find((one) => one.id === section.value.id));
const line = computed(() => {
  const like = alikeBefore(piece.value, props.index);
  if (like !== null) {
    const mirrored = (section.value as Formed).at?.kind === "mirror" ? ", mirrored" : "";
    return `as section ${like + 1}${mirrored}`;
  }
  if (!told.value) return "a new section";
  const { words, strip } = told.value;
  return [words, strip?.weave.words, counted(told.value)].filter(Boolean).join(", ");
});
/** How far it is worked, in what its craft counts. */
function counted({ strip, braid, crochet, knot, copies }: NonNullable<typeof told.value>): string {
  if (braid) return `${braid.repeats} ${stitches(braid.flat, braid.repeats)}`;
  if (strip) return `${strip.repeats} ${strip.repeats === 1 ? "repeat" : "repeats"}${copies > 1 ? " each" : ""}`;
  return (crochet ?? knot)?.counted ?? "";
}

/** What was found of it for ends that must meet. */
const format = useFormat();
const found = computed(() =>
  (bench.answer.value?.plan.met.values ?? [])
    .filter((one) => one.section === section.value.id)
    .map((one) => `${giveWords(piece.value, one)} ${foundWords(one, format.length)}`)
    .join(", "),
);

/** What was just taken in hand has the focus, unless something in it has. */
const item = useTemplateRef<HTMLElement>("item");
watch(inHand, async (now) => {
  if (!now) return;
  await nextTick();
  if (!item.value?.contains(document.activeElement)) item.value?.focus({ preventScroll: true });
  item.value?.scrollIntoView({ block: "nearest" });
});

const others = computed(() => unlike(piece.value, props.index).map((i) => i + 1));
const petals = ref(false);
const noPetals = computed(() => whyNoPetals(piece.value, section.value));
function mirror() {
  const wide = bench.answer.value!.plan.sections[props.index]?.strip?.weave.width_mm ?? 0;
  const next = withMirror(piece.value, props.index, wide);
  bench.choose(next.sections.at(-1)!.id);
  void bench.change(next);
}
</script>

<template>
  <li
    ref="item"
    tabindex="-1"
    class="section-line d-flex gap-3 align-items-start py-2 border-top"
    :class="{ current: inHand }"
    :data-section="section.id"
    :aria-label="many ? `Section ${index + 1}` : undefined"
  >
    <BButton
      v-if="!inHand"
      variant="link"
      class="section-folded flex-fill justify-content-start gap-3 px-0 fw-normal text-start"
      @click="bench.choose(section.id)"
    >
      <span class="section-number badge rounded-pill fs-6 border">{{ index + 1 }}</span> {{ line }}
    </BButton>
    <template v-else>
      <span v-if="many" class="section-number in-hand badge rounded-pill fs-6 mt-1">{{ index + 1 }}</span>
      <div class="section-said flex-fill">
        <component :is="sentenceOf(section.craft)" />
        <WireWays />
        <p v-if="found" class="sentence quiet">So that its ends meet: {{ found }}.</p>
      </div>
      <BDropdown
        v-if="!isStrip(bench.catalogue.value!, piece)"
        text="⋯"
        variant="link"
        no-caret
        class="section-menu"
        :aria-label="`More of section ${index + 1}`"
      >
        <BDropdownItem v-if="isFormed(section)" @click="mirror">Add its mirror image</BDropdownItem>
        <BDropdownItem v-if="isPetal(section)" :disabled="noPetals !== ''" @click="petals = true"
          >Make petals of it…<small v-if="noPetals" class="d-block text-wrap">{{ noPetals }}</small></BDropdownItem
        >
        <BDropdownItem v-if="others.length" @click="bench.change(withOthersLike(piece, index))"
          >Make {{ others.length > 1 ? "sections" : "section" }} {{ sectionsNamed(others) }} like it</BDropdownItem
        >
        <BDropdownItem v-if="many" @click="bench.change(withoutSection(piece, index))">Remove it</BDropdownItem>
      </BDropdown>
      <PetalsDialog v-model="petals" :index="index" />
    </template>
  </li>
</template>
