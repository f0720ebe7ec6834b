<script setup lang="ts">
import { computed } from "vue";
import type { Built } from "../generated/built";
import { useFormat } from "../units/format";

/** The weaving wire of every section, and of all of them kept three ways. */
const props = defineProps<{ built: Built }>();
const format = useFormat();
const rows = computed(() =>
  props.built.sections.flatMap((section, i) => {
    const { plan, wraps, minutes } = section;
    const weaving = plan?.weaving;
    if (!weaving) return [];
    const lengths = weaving.lengths.map((length) => format.cut(length.cut_mm)).join(", ");
    return [
      {
        number: i + 1,
        copies: section.copies,
        lengths,
        words: weaving.strands[0]!.words,
        path: weaving.path_mm,
        repeats: String(plan.fit.repeats),
        wraps,
        minutes,
      },
    ];
  }),
);
const WAYS = { lengths: "a length cut for each", bobbin: "one bobbin for all", spool: "straight from the spool" };
</script>

<template>
  <div v-if="rows.length || built.own.length" class="weaving-cuts">
    <table class="figures" aria-label="Weaving wire by section">
      <thead>
        <tr>
          <th scope="col">Section</th>
          <th scope="col">Cut</th>
          <th scope="col">Woven in it</th>
          <th scope="col">Repeats</th>
          <th scope="col">Wraps</th>
          <th scope="col">Time</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.number">
          <th scope="row">{{ row.number }}</th>
          <td>
            <b>{{ row.copies > 1 ? `${row.copies} × ` : "" }}{{ row.lengths }}</b> {{ row.words }}
          </td>
          <td>{{ format.long(row.path) }}</td>
          <td>{{ row.repeats }}</td>
          <td>{{ row.wraps }}</td>
          <td>{{ format.time(row.minutes) }}</td>
        </tr>
        <tr v-for="(own, i) in built.own" :key="`own ${i}`">
          <th scope="row" colspan="1">–</th>
          <td>
            <b>{{ format.cut(own.cut_mm) }}{{ own.lengths > 1 ? ` in ${own.lengths} lengths` : "" }}</b>
            {{ own.words }},
            {{ own.use }}
          </td>
          <td>{{ format.long(own.path_mm) }}</td>
          <td></td>
          <td>{{ own.wraps }}</td>
          <td></td>
        </tr>
      </tbody>
    </table>
    <ul class="supply figures" aria-label="Weaving wire kept three ways">
      <li v-for="way in built.supply" :key="way.kind" :class="{ impossible: !way.possible }">
        {{ WAYS[way.kind] }}: <b>{{ format.long(way.total_mm) }}</b>, {{ format.long(way.over_mm) }} of it not
        woven<template v-if="way.why"> ({{ way.why }})</template>
      </li>
    </ul>
  </div>
</template>
