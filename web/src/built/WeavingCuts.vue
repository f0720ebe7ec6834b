<script setup lang="ts">
import { computed } from "vue";
import type { Built } from "../generated/built";
import { useFormat } from "../units/format";

/** The weaving wire of every section, and of all of them kept three ways. */
const props = defineProps<{ built: Built }>();
const format = useFormat();
const rows = computed(() =>
  props.built.sections.flatMap((section, i) => {
    const { plan, wraps, minutes, id } = section;
    if (!plan) return [];
    const cuts = props.built.cut_list.filter((row) => row.kind === "weaving" && row.section === id);
    return [{ number: i + 1, cuts, path: plan.weaving.path_mm, repeats: String(plan.fit.repeats), wraps, minutes }];
  }),
);
/** So many lengths of a wire, and which repeats they weave. */
const told = (row: Built["cut_list"][number]) => `${row.words}, ${row.use.replace(/^weaves (section \d+, )?/, "")}`;
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
            <span v-for="(cut, k) in row.cuts" :key="k" class="cut-line">
              <b>{{ cut.count > 1 ? `${cut.count} × ` : "" }}{{ format.cut(cut.cut_mm) }}</b> {{ told(cut) }}
            </span>
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
