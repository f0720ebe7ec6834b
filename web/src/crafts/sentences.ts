import type { Component } from "vue";
import AnySentence from "./AnySentence.vue";
import BindSentence from "./bind/BindSentence.vue";
import BendSentence from "./bend/BendSentence.vue";
import BraidSentence from "./braid/BraidSentence.vue";
import CrochetSentence from "./crochet/CrochetSentence.vue";
import KnotSentence from "./knot/KnotSentence.vue";
import LaceSentence from "./lace/LaceSentence.vue";
import WeaveSentence from "./weave/WeaveSentence.vue";

/** How a section in hand is said, by its craft. */
const SENTENCES: Record<string, Component> = {
  weave: WeaveSentence,
  bend: BendSentence,
  braid: BraidSentence,
  crochet: CrochetSentence,
  knot: KnotSentence,
  bind: BindSentence,
  lace: LaceSentence,
};

/** A craft without a sentence of its own is said as the table of fields has it. */
export const sentenceOf = (craft: string): Component => SENTENCES[craft] ?? AnySentence;
