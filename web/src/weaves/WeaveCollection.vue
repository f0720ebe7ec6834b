<script setup lang="ts">
import { computed, ref } from "vue";
import type { Piece } from "../generated/piece";
import CompareWeaves from "./CompareWeaves.vue";
import { type Shown, useWeaves } from "./useWeaves";
import WeaveCard from "./WeaveCard.vue";

/** The maker's own weaves and those of the collection, each a strip to scale in the maker's wires: to take, keep and compare. */
const props = defineProps<{
  /** What is done with a piece in the weave that was chosen, where none is on the bench. */
  begin?: (document: Piece) => void;
}>();
const emit = defineEmits<{ fold: [] }>();
const weaves = useWeaves(props.begin);
const MOST = 3;
const chosen = ref<string[]>([]);
const compared = computed(() => chosen.value.flatMap((key) => weaves.shown.value.filter((one) => one.key === key)));
const full = computed(() => chosen.value.length >= MOST);
function choose(one: Shown) {
  const { key } = one;
  chosen.value = chosen.value.includes(key) ? chosen.value.filter((other) => other !== key) : [...chosen.value, key];
}
const side = ref<InstanceType<typeof CompareWeaves> | null>(null);
const seeThem = () => (side.value!.$el as HTMLElement).scrollIntoView({ block: "start" });
const parts = computed(() => [
  { name: "Yours", list: weaves.own.value },
  { name: weaves.own.value.length ? "The collection" : "", list: weaves.common.value },
]);
</script>

<template>
  <section class="collection" aria-label="The weaves">
    <header class="d-flex align-items-center gap-3">
      <h2>{{ begin ? "To one scale" : "The weaves" }} <small v-if="!begin">in your wires, to one scale</small></h2>
      <BButton v-if="compared.length" variant="link" @click="seeThem">
        {{ compared.length === 1 ? "One chosen to compare" : `${compared.length} side by side` }}
      </BButton>
      <BCloseButton v-if="!begin" aria-label="Fold away" @click="emit('fold')" />
    </header>
    <p v-if="weaves.trouble.value" class="alert alert-danger trouble" role="alert">{{ weaves.trouble.value }}</p>
    <p v-else-if="!weaves.shown.value.length" role="status">Weaving them…</p>
    <p v-if="weaves.dropped.value" class="alert alert-primary d-inline-flex align-items-center gap-3" role="status">
      “{{ weaves.dropped.value.name }}” is removed.
      <BButton variant="link" @click="weaves.restore">Bring it back</BButton>
    </p>
    <CompareWeaves
      v-if="compared.length"
      ref="side"
      :weaves="compared"
      :is-taken="weaves.isTaken"
      :present="!begin"
      @take="weaves.take"
      @leave="choose"
    />
    <template v-for="part in parts" :key="part.name">
      <h3 v-if="part.name && part.list.length" class="mt-3 mb-1">{{ part.name }}</h3>
      <ul>
        <WeaveCard
          v-for="one in part.list"
          :key="one.key"
          :weave="one"
          :taken="weaves.isTaken(one)"
          :compared="chosen.includes(one.key)"
          :full="full"
          :put="weaves.put"
          :keep="weaves.keep"
          @take="weaves.take(one)"
          @compare="choose(one)"
          @drop="weaves.drop(one.own!.id!, one.sample.name)"
        />
      </ul>
    </template>
  </section>
</template>
