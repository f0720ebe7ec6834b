<script setup lang="ts">
import { computed, ref } from "vue";
import type { Built } from "../generated/built";
import { useFormat } from "../units/format";

/** Every base wire to cut as a bar to scale, with its parts and the marks to make on it from its first end. */
const props = defineProps<{ built: Built }>();
const format = useFormat();
const longest = computed(() => Math.max(...props.built.cuts.map((cut) => cut.total_mm)));
const share = (mm: number) => `${(100 * mm) / longest.value}%`;
const sectionNumber = (id: string | null) => props.built.sections.findIndex((one) => one.id === id) + 1;
const partName = (part: Built["cuts"][number]["parts"][number]) =>
  part.section ? `section ${sectionNumber(part.section)}` : part.words;
const all = ref(new Set<number>());
const FEW = 6;
const toggle = (i: number) => {
  const next = new Set(all.value);
  if (!next.delete(i)) next.add(i);
  all.value = next;
};
const marks = (cut: Built["cuts"][number], i: number) => (all.value.has(i) ? cut.marks : cut.marks.slice(0, FEW));
</script>

<template>
  <article v-for="(cut, i) in built.cuts" :key="cut.wires.join()" class="cut" :aria-label="`Base wire ${i + 1}`">
    <div class="cut-number">
      <strong class="figures">{{ format.cut(cut.cut_mm) }}</strong>
      <span>{{ cut.words }}</span>
    </div>
    <div class="bar-frame">
      <div class="bar" :style="{ width: share(cut.total_mm) }">
        <span
          v-for="(part, k) in cut.parts"
          :key="k"
          class="part"
          :class="`part-${part.kind === 'section' ? 'woven' : part.kind === 'between' ? 'bare' : part.kind}`"
          :style="{ flexGrow: part.mm, '--wire': cut.colour, '--weave': cut.colour }"
          :title="`${partName(part)} ${format.length(part.mm)}`"
        />
      </div>
      <p class="parts figures">
        <template v-for="(part, k) in cut.parts" :key="k">
          <span v-if="part.mm > 0.05"
            >{{ partName(part) }} <b>{{ format.length(part.mm) }}</b></span
          >
        </template>
      </p>
      <ol class="mark-list figures" :aria-label="`Marks on base wire ${i + 1}`">
        <li v-for="(mark, k) in marks(cut, i)" :key="k">
          <b>{{ format.length(mark.at_mm) }}</b> {{ mark.words }}
        </li>
      </ol>
      <button v-if="cut.marks.length > FEW" type="button" class="quiet-act" @click="toggle(i)">
        {{ all.has(i) ? "Fewer marks" : `All ${cut.marks.length} marks` }}
      </button>
    </div>
  </article>
</template>
