<script setup lang="ts">
import { computed, ref } from "vue";
import CompareWeaves from "./CompareWeaves.vue";
import { type Shown, useWeaves } from "./useWeaves";
import WeaveCard from "./WeaveCard.vue";

/** The maker's own weaves and those of the collection, each a strip to scale in the maker's wires: to take, keep and compare. */
const emit = defineEmits<{ fold: [] }>();
const weaves = useWeaves();
const MOST = 3;
const chosen = ref<string[]>([]);
const compared = computed(() => chosen.value.flatMap((key) => weaves.shown.value.filter((one) => one.key === key)));
const full = computed(() => chosen.value.length >= MOST);
function choose(one: Shown) {
  const { key } = one;
  chosen.value = chosen.value.includes(key) ? chosen.value.filter((other) => other !== key) : [...chosen.value, key];
}
const side = ref<InstanceType<typeof CompareWeaves> | null>(null);
const seeThem = () => (side.value!.$el as HTMLElement).scrollIntoView({ block: "center" });
const parts = computed(() => [
  { name: "Yours", list: weaves.own.value },
  { name: weaves.own.value.length ? "The collection" : "", list: weaves.common.value },
]);
</script>

<template>
  <section class="collection" aria-label="The weaves" @keydown.esc="emit('fold')">
    <header>
      <h2>The weaves <small>in your wires, to one scale</small></h2>
      <button v-if="compared.length" type="button" class="quiet-act" @click="seeThem">
        {{ compared.length === 1 ? "One chosen to compare" : `${compared.length} side by side` }}
      </button>
      <button type="button" class="fold" aria-label="Fold away" @click="emit('fold')">×</button>
    </header>
    <p v-if="weaves.trouble.value" class="trouble" role="alert">{{ weaves.trouble.value }}</p>
    <p v-else-if="!weaves.shown.value.length" role="status">Weaving them…</p>
    <p v-if="weaves.dropped.value" class="undo-bar" role="status">
      “{{ weaves.dropped.value.name }}” is let go.
      <button type="button" class="quiet-act" @click="weaves.restore">Bring it back</button>
    </p>
    <CompareWeaves
      v-if="compared.length"
      ref="side"
      :weaves="compared"
      :is-taken="weaves.isTaken"
      @take="weaves.take"
      @leave="choose"
    />
    <template v-for="part in parts" :key="part.name">
      <h3 v-if="part.name && part.list.length" class="collection-part">{{ part.name }}</h3>
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
