<script setup lang="ts">
import type { MakingRow } from "../api/makings";
import { useFormat } from "../units/format";
import { overdue, RATED } from "./log";

/** A making as it lies in the log. */
defineProps<{
  row: MakingRow;
  /** Whether its piece was made more than once. */
  again: boolean;
}>();
const emit = defineEmits<{ aside: [] }>();
const format = useFormat();
const day = (at: string | number) => new Date(at).toLocaleDateString(undefined, { dateStyle: "medium" });
</script>

<template>
  <li class="making-row d-flex flex-wrap align-items-center column-gap-3 py-2 border-bottom">
    <RouterLink :to="`/makings/${row.id}`" class="serif fs-5 text-truncate">{{ row.name }}</RouterLink>
    <span class="figures quiet">begun {{ day(row.begun_at) }}</span>
    <span class="figures"
      >{{ row.done }} of {{ row.of }} steps, {{ format.time(row.worked_ms / 60000)
      }}<template v-if="row.planned_ms"> of {{ format.time(row.planned_ms / 60000) }} planned</template></span
    >
    <span v-if="row.wire_mm" class="figures">{{ format.length(row.wire_mm) }} cut</span>
    <span v-if="row.differs" class="figures">{{ row.differs }} other than planned</span>
    <span v-if="row.mend" class="figures">{{ row.mend }} to mend</span>
    <span v-if="row.rated" class="quiet">came out {{ RATED[row.rated - 1] }}</span>
    <span v-if="row.finished_at" class="figures quiet">finished {{ day(row.finished_at) }}</span>
    <span v-else-if="row.due" class="figures" :class="overdue(row) ? 'text-danger fw-semibold' : 'quiet'"
      >{{ overdue(row) ? "was to be finished" : "to be finished" }} by {{ day(`${row.due}T12:00`) }}</span
    >
    <span class="ms-auto d-flex">
      <RouterLink v-if="again && row.piece" class="btn btn-link" :to="`/makings/beside/${row.piece}`"
        >Side by side</RouterLink
      >
      <BButton variant="link" :aria-label="`Set the making of ${row.name} aside`" @click="emit('aside')"
        >Set aside</BButton
      >
    </span>
  </li>
</template>
