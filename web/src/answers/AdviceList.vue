<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { saidOnce } from "./alike";
import MoreWords from "../common/MoreWords.vue";

/** What Meander noticed: the reason and the remedy one tap away, and a likely value to take where there is one. */
const props = defineProps<{
  /** What needs an answer now (contradictions, doubtful values), or the rest. */
  which: "urgent" | "rest";
}>();
const bench = useBench();
const urgent = (item: { id: string; severity: string }) => item.severity === "stop" || item.id === "value-doubtful";
const advice = computed(() => saidOnce(bench.advice().filter((item) => urgent(item) === (props.which === "urgent"))));
const LOOKS = {
  stop: "text-danger bg-danger-subtle",
  warn: "text-warning-emphasis bg-warning-subtle",
  note: "quiet bg-body-tertiary",
};
const WORDS = { stop: "Cannot be made", warn: "Look out", note: "Good to know" };

/** Puts an offered text in where the advice points: a size or a count. */
function take(place: string, offer: string) {
  const now = bench.value(place);
  void bench.edit(place, typeof now === "number" ? Number(offer) : { typed: offer });
}
</script>

<template>
  <section
    v-if="advice.length"
    class="panel advice"
    :class="which"
    :aria-label="which === 'urgent' ? 'To answer first' : 'Advice'"
    aria-live="polite"
  >
    <header v-if="which === 'rest'" class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2>Advice</h2>
    </header>
    <ul>
      <li
        v-for="item in advice"
        :key="item.id + item.place + item.title"
        :class="`advice-${item.severity}`"
        :data-advice="item.id"
      >
        <MoreWords :words="item.title" :opened="which === 'urgent'">
          <template #words
            ><span class="badge me-2" :class="LOOKS[item.severity]">{{ WORDS[item.severity] }}</span>
            {{ item.title }}</template
          >
          <p>
            {{ item.why }} <b>{{ item.remedy }}</b>
          </p>
        </MoreWords>
        <div v-if="item.offers.length" class="offers">
          <BButton
            v-for="offer in item.offers"
            :key="offer"
            variant="outline-primary"
            size="sm"
            class="me-2"
            @click="take(item.place, offer)"
            >Take {{ offer }}</BButton
          >
        </div>
      </li>
    </ul>
  </section>
</template>
