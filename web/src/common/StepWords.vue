<script setup lang="ts">
import { computed } from "vue";

/** A step in words. Many places to be marked stand below each other, so that the next one is found at arm's length. */
const props = defineProps<{ kind: string; words: string }>();
/** A length and what is marked there: "46.3 mm (end of the bail, end of weave),". */
const PLACE = /[^\s,;()][^,;()]* \([^()]*\)(?:[,;.]| and)?/g;
/** More places than these are a list. */
const MOST = 3;
/** What is told in a line, or places told one after the other, each as its length and what comes with it. */
type Part = { text: string } | { places: { length: string; text: string }[] };
const parts = computed(() => {
  const { kind, words } = props;
  const told: Part[] = [];
  let from = 0;
  for (const { 0: place, index } of kind === "mark" ? words.matchAll(PLACE) : []) {
    // what leads up to the first of several: "… mark wire 2 at "
    const begins = index + (/^[^(]* at (?=\S)/.exec(place)?.[0].length ?? 0);
    const before = words.slice(from, begins);
    from = index + place.length;
    const at = words.indexOf(" (", begins);
    const one = { length: words.slice(begins, at), text: words.slice(at, from) };
    const last = told.at(-1);
    if (last && "places" in last && !before.trim()) last.places.push(one);
    else told.push({ text: before }, { places: [one] });
  }
  return [...told, { text: words.slice(from) }];
});
</script>

<template>
  <span
    ><template v-for="(part, i) in parts" :key="i"
      ><template v-if="'text' in part">{{ part.text }}</template
      ><span v-else :class="{ listed: part.places.length > MOST }"
        ><template v-for="({ length, text }, k) in part.places" :key="k"
          >{{ k ? " " : ""
          }}<span class="place"
            ><b class="figures">{{ length }}</b
            >{{ text }}</span
          ></template
        ></span
      ></template
    ></span
  >
</template>

<style scoped>
.listed {
  display: block;
  columns: 18em;
  column-gap: 1em;
}
.listed > .place {
  display: block;
  break-inside: avoid;
  padding-left: 1em;
  text-indent: -1em;
}
</style>
