<script setup lang="ts">
import { kindWords } from "./kinds";
import { shallowRef, watch } from "vue";
import { type Answer, api } from "../api/client";
import type { Picture } from "../generated/picture";
import FinishedPicture from "../finished/FinishedPicture.vue";
import StripPicture from "../strip/StripPicture.vue";
import { useFormat } from "../units/format";
import { useBench } from "./useBench";

/** Another tab saved this piece first: shows both versions and lets the maker choose. Neither is lost. */
const emit = defineEmits<{ both: [] }>();
const bench = useBench();
const format = useFormat();
interface Version {
  title: string;
  answer: Answer;
  picture: Picture | null;
}
const versions = shallowRef<Version[]>([]);

watch(bench.saving.conflict, async (conflict) => {
  versions.value = [];
  if (!conflict) return;
  const mine = await api.plan(conflict.mine);
  const show = async (title: string, answer: Answer) => ({
    title,
    answer,
    picture: answer.plan.strip ? await api.picture(answer.plan.strip).catch(() => null) : null,
  });
  versions.value = await Promise.all([
    show("Yours, in this tab", mine),
    show("The other, saved meanwhile", conflict.theirs),
  ]);
});

const sectionWords = ({ words, strip }: Answer["plan"]["sections"][number]) =>
  strip ? `${words}, ${strip.repeats} repeats` : words;

function takeTheirs() {
  const { theirs } = bench.saving.conflict.value!;
  bench.saving.settled();
  bench.drafts.drop();
  bench.adopt(theirs);
}
</script>

<template>
  <BModal
    :model-value="bench.saving.conflict.value !== null"
    title="This piece was changed in two places"
    size="xl"
    no-footer
    no-header-close
    no-close-on-backdrop
    no-close-on-esc
  >
    <p>
      Another tab saved <b>{{ bench.draft.value?.name }}</b> after this one last did. Nothing is lost; which shall be on
      the bench?
    </p>
    <div class="versions d-grid gap-3">
      <article v-for="version in versions" :key="version.title" :aria-label="version.title">
        <h3>{{ version.title }}</h3>
        <StripPicture v-if="version.picture" :picture="version.picture" :label="version.title" />
        <FinishedPicture
          v-if="!version.answer.plan.strip"
          :shown="version.answer.plan"
          face="front"
          :height="150"
          :label="version.title"
        />
        <dl class="facts d-flex flex-wrap column-gap-4 row-gap-1 border-top pt-2 figures">
          <div>
            <dt>Name</dt>
            <dd>{{ version.answer.document.name }}</dd>
          </div>
          <div>
            <dt>Made as</dt>
            <dd>{{ kindWords(version.answer.document.kind, version.answer.plan.worn, format.length) }}</dd>
          </div>
          <div>
            <dt>Sections</dt>
            <dd>{{ version.answer.plan.sections.map(sectionWords).join("; ") }}</dd>
          </div>
          <div v-if="version.answer.plan.worn">
            <dt>Length</dt>
            <dd>{{ format.length(version.answer.plan.worn.strip_mm) }}</dd>
          </div>
          <div>
            <dt>Base wires</dt>
            <dd>
              {{ version.answer.plan.cuts.map((cut) => format.cut(cut.cut_mm)).join(", ") }}
            </dd>
          </div>
        </dl>
      </article>
    </div>
    <div class="d-flex flex-wrap align-items-center gap-2 mt-3">
      <BButton variant="outline-primary" @click="bench.saving.keepMine()">Keep mine</BButton>
      <BButton variant="outline-primary" @click="takeTheirs">Take the other</BButton>
      <BButton variant="outline-primary" @click="emit('both')">Keep both, mine as a copy</BButton>
    </div>
  </BModal>
</template>
