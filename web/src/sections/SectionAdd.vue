<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import type { Piece } from "../generated/piece";
import { rowsOf, withLacing, withSectionAdded } from "./document";

/** Adds a section; it is then in hand. */
const MOST_SECTIONS = 24;
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const full = computed(() => piece.value.sections.length >= MOST_SECTIONS);
const rows = computed(() => rowsOf(piece.value, piece.value.sections.length));

function take(next: Piece) {
  bench.choose(next.sections.at(-1)!.id);
  void bench.change(next);
}
const add = (craft: "weave" | "bend") => take(withSectionAdded(piece.value, craft, bench.catalogue.value!.starts));
const lace = () => take(withLacing(piece.value, bench.catalogue.value!.starts));
</script>

<template>
  <div class="section-add">
    <button type="button" class="act" :disabled="full" @click="add('weave')">Add a woven section</button>
    <button type="button" class="act" :disabled="full" @click="add('bend')">Add a bent wire</button>
    <button v-if="rows.length > 1" type="button" class="act" :disabled="full" @click="lace">Lace two together</button>
    <span v-if="full" class="quiet">A piece has at most {{ MOST_SECTIONS }} sections.</span>
  </div>
</template>
