<script setup lang="ts">
import { computed } from "vue";
import SiteBar from "../common/SiteBar.vue";
import { useFormat } from "../units/format";
import LearnedPace from "./LearnedPace.vue";
import { byMonth, months, overdue } from "./log";
import LogRow from "./LogRow.vue";
import MonthPlot from "./MonthPlot.vue";
import { useLog } from "./useLog";

/** Every making there was: what is on the bench and what is overdue, then month by month, how long it took and what wire. */
const format = useFormat();
const { rows, learned, trouble, read, asked, q, gone, aside, back, put } = useLog();
const bench = computed(() => (rows.value ?? []).filter((row) => !row.finished_at));
const ended = computed(() => (rows.value ?? []).filter((row) => row.finished_at));
const hours = computed(() => (rows.value ?? []).reduce((sum, row) => sum + row.worked_ms, 0) / 60000);
const plotted = computed(() => months(rows.value ?? []));
const GROUPS = computed(() => [
  { key: "overdue", name: "Overdue", rows: bench.value.filter(overdue) },
  { key: "bench", name: "On the bench", rows: bench.value.filter((row) => !overdue(row)) },
  ...byMonth(ended.value).map((month) => ({ ...month, name: `Finished in ${month.name}` })),
]);
const again = (piece: string | null) => (rows.value ?? []).filter((row) => piece && row.piece === piece).length > 1;
const asking = computed(() => (q.value ? `?${new URLSearchParams({ q: q.value })}` : ""));
function chosen(event: Event) {
  const input = event.target as HTMLInputElement;
  const [file] = input.files ?? [];
  if (file) void put(file);
  input.value = "";
}
</script>

<template>
  <SiteBar />
  <main class="page container-xl px-4 pb-4">
    <h1 class="mb-2">The log</h1>
    <div class="d-flex flex-wrap align-items-center gap-3 mb-2">
      <BFormInput
        v-model="asked"
        type="search"
        class="w-auto"
        placeholder="A piece"
        aria-label="Find makings of a piece"
      />
      <span v-if="rows" class="quiet figures"
        >{{ rows.length }} {{ rows.length === 1 ? "making" : "makings" }}, {{ format.time(hours) }} in all</span
      >
      <span class="ms-auto d-flex flex-wrap align-items-center gap-3">
        <a :href="`/api/makings.csv${asking}`" download>Save as CSV</a>
        <a :href="`/api/makings.json${asking}`" download>Save as JSON</a>
        <label class="btn btn-outline-secondary mb-0"
          >Read in…
          <input
            type="file"
            class="visually-hidden"
            accept="application/json,.json"
            aria-label="Read makings in from a file"
            @change="chosen"
          />
        </label>
      </span>
    </div>
    <p v-if="read" class="alert alert-secondary" role="status">{{ read }}</p>
    <p v-if="gone" class="alert alert-secondary d-flex align-items-center gap-3" role="status">
      The making of {{ gone.name }} is set aside.
      <BButton variant="outline-primary" @click="back">Bring it back</BButton>
    </p>
    <p v-if="trouble" class="alert alert-danger" role="alert">{{ trouble }}</p>
    <p v-else-if="!rows" role="status">Reading the log…</p>
    <p v-else-if="!rows.length" class="sentence">
      {{ q ? "No making is of such a piece." : "Nothing was made yet: open a piece, its order of work, and begin." }}
    </p>
    <div v-if="plotted.length" class="d-flex flex-wrap gap-5 mb-3">
      <MonthPlot :months="plotted" of="hours" name="Time by month" :words="(value) => format.time(value * 60)" />
      <MonthPlot :months="plotted" of="wire_mm" name="Wire cut by month" :words="(value) => format.length(value)" />
    </div>
    <LearnedPace :learned="learned" />
    <template v-for="group in GROUPS" :key="group.key">
      <section v-if="group.rows.length" class="panel mb-3" :aria-label="group.name">
        <h2>{{ group.name }}</h2>
        <ul class="list-unstyled mb-0">
          <LogRow v-for="row in group.rows" :key="row.id" :row="row" :again="again(row.piece)" @aside="aside(row)" />
        </ul>
      </section>
    </template>
  </main>
</template>
