<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";

/** What cannot be used as typed. The figures stay those of the last good values, and what was typed stays too. */
const bench = useBench();
const faults = computed(() => bench.faults.value);

/** A fault about a size points at the size or at its words. */
const sizePath = (path: string) => path.replace(/\/(typed|mm)$/, "");
</script>

<template>
  <section v-if="faults.length" class="panel faults" role="alert" aria-label="Values to put right">
    <p class="faults-head">These figures are from before the last change.</p>
    <ul>
      <li v-for="fault in faults" :key="fault.path + fault.code">
        <b>{{ fault.message }}</b>. Accepted: {{ fault.accepted }}.
        <button
          v-for="text in fault.likely"
          :key="text"
          type="button"
          @click="bench.edit(sizePath(fault.path), { typed: text })"
        >
          Take {{ text }}
        </button>
      </li>
    </ul>
  </section>
</template>
