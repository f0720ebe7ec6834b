<script setup lang="ts">
import { useStorage, useWakeLock } from "@vueuse/core";
import { computed, onMounted, ref } from "vue";
import SiteBar from "../common/SiteBar.vue";
import StepWords from "../common/StepWords.vue";
import { useCommands } from "../keys/commands";
import { useFormat } from "../units/format";
import AsTheFirst from "./AsTheFirst.vue";
import CountPad from "./CountPad.vue";
import CutList from "./CutList.vue";
import JoinOn from "./JoinOn.vue";
import LayOut from "./LayOut.vue";
import LookOver from "./LookOver.vue";
import MakingEnd from "./MakingEnd.vue";
import MakingPhotos from "./MakingPhotos.vue";
import MakingSteps from "./MakingSteps.vue";
import StandsNow from "./StandsNow.vue";
import { undone } from "./undone";
import { useMaking } from "./useMaking";
import { useVoice } from "./useVoice";
import WhatIsLeft from "./WhatIsLeft.vue";

/** A piece being made, to be read at arm's length: the step in hand in words, its count as large as can be, what comes next; one more by a key or a tap anywhere on the count. */
const props = defineProps<{ id: string }>();
const { making, told, happened, undo, late, trouble, away, waiting, load } = useMaking(props.id);
const format = useFormat();
/** A step that was chosen instead of the one in hand. */
const chosen = ref<number | null>(null);
const hand = computed(() => chosen.value ?? told.value?.hand ?? (told.value ? told.value.of - 1 : 0));
const step = computed(() => making.value?.steps[hand.value] ?? null);
const now = computed(() => told.value?.steps[hand.value] ?? null);
const next = computed(() => making.value?.steps[hand.value + 1] ?? null);
const SIZES = ["medium", "large", "huge"].map((key) => ({ value: key, text: key }));
const size = useStorage("meander-making-size", "large");
const voice = useVoice(() => step.value?.words);
const lock = useWakeLock();
onMounted(() => void lock.request("screen").catch(() => undefined));

/** Heard as it is counted: in repeats, where those are. */
function count(by: number, each: number) {
  if (!now.value?.wanted) return;
  const left = by > 0 ? now.value.wanted - now.value.count : now.value.count;
  const made = Math.sign(by) * Math.min(Math.abs(by), left);
  if (made === 0) return;
  happened({ kind: "count", step: hand.value, by: made });
  voice.counted(Math.floor(now.value.count / each));
}
function done() {
  if (!now.value) return;
  happened({ kind: now.value.done ? "open" : "done", step: hand.value });
  chosen.value = null;
}
const rest = () => happened({ kind: told.value?.resting ? "go" : "pause" });
const finish = () => happened({ kind: told.value?.finished_at ? "back" : "finish" });
const note = ref("");
function keep() {
  if (!note.value.trim()) return;
  happened({ kind: "note", step: hand.value, text: note.value.trim().slice(0, 2000) });
  note.value = "";
}
useCommands(() => [
  { words: "The step is done, or open again", key: "d", run: done },
  { words: "Rest, or go on", key: "r", run: rest },
  { words: "Take back what happened last", key: "z", run: undo, off: !late.value.length && "nothing to take back" },
]);
const last = computed(() => undone(late.value.at(-1)));
const second = computed(() => step.value?.first != null);
</script>

<template>
  <SiteBar />
  <main class="page container-xl px-4 pb-4 making" :class="`size-${size}`">
    <p v-if="trouble && !making" class="alert alert-danger" role="alert">{{ trouble }}</p>
    <p v-else-if="!making || !told" role="status">Opening the making…</p>
    <template v-else>
      <header class="d-flex flex-wrap align-items-center column-gap-3">
        <h1 class="mb-0">{{ making.name }}</h1>
        <span class="quiet figures"
          >{{ told.done }} of {{ told.of }} steps, {{ format.time(told.worked_ms / 60000) }}</span
        >
        <span class="ms-auto d-flex flex-wrap align-items-center gap-2">
          <span role="status" class="quiet">{{
            away ? `kept here, ${waiting} to send` : waiting ? "Saving…" : "Saved"
          }}</span>
          <BButton variant="outline-secondary" :pressed="told.resting" @click="rest">{{
            told.resting ? "Go on" : "Rest"
          }}</BButton>
          <BFormSelect v-model="size" class="w-auto" :options="SIZES" aria-label="How large" />
          <BDropdown text="Sound" variant="outline-secondary" auto-close="outside">
            <div class="px-3 py-1">
              <BFormCheckbox v-model="voice.count.value">say the count</BFormCheckbox>
              <BFormCheckbox v-model="voice.step.value">say each step</BFormCheckbox>
              <BFormCheckbox v-model="voice.click.value">a click with each count</BFormCheckbox>
            </div>
          </BDropdown>
          <BButton variant="outline-secondary" :disabled="!last" :title="last ? `Take back ${last}` : ''" @click="undo"
            >Undo</BButton
          >
        </span>
      </header>
      <p v-if="trouble" class="alert alert-danger mt-2" role="alert">{{ trouble }}</p>
      <p v-if="told.finished_at" class="alert alert-success mt-2">All of it is made.</p>
      <p v-if="making.piece_now !== 'same'" class="quiet mb-0">
        {{ making.piece_now === "gone" ? "The piece is not on the shelf any more" : "The piece was changed since" }}:
        this making goes on as it was planned.
      </p>
      <LayOut :told="told" @laid="(item) => happened({ kind: 'looked', item, found: 'pass' })" />
      <section v-if="step && now" class="panel mt-2" aria-label="The step in hand">
        <p class="quiet mb-1">
          Step {{ hand + 1 }} of {{ told.of }}<template v-if="second">, of the second one</template>
        </p>
        <p class="making-words serif" aria-live="polite"><StepWords :kind="step.kind" :words="step.words" /></p>
        <p v-if="step.caution" class="border-start border-warning border-3 ps-2">{{ step.caution }}</p>
        <div class="step-hand">
          <StandsNow :making="making" :step="hand" :now="now" />
          <div>
            <AsTheFirst :step="step" :now="now" />
            <CountPad
              v-if="now.wanted"
              :step="step"
              :now="now"
              @count="count"
              @differs="(made) => happened({ kind: 'differs', step: hand, count: made })"
            />
            <JoinOn
              v-if="now.wanted"
              :step="step"
              :steps="making.steps"
              :now="now"
              @joined="(of, mm) => happened({ kind: 'joined', step: hand, of, after: now!.count, mm })"
            />
            <CutList
              v-if="step.cuts.length"
              :step="step"
              :now="now"
              @cut="(length, mm) => happened({ kind: 'cut', step: hand, length, mm })"
            />
            <ul v-if="now.notes.length" class="mb-1">
              <li v-for="(text, i) in now.notes" :key="i">{{ text }}</li>
            </ul>
            <div class="d-flex flex-wrap gap-2 align-items-center">
              <BButton variant="primary" size="lg" @click="done">{{
                now.done ? "Not done after all" : "Done"
              }}</BButton>
              <BButton
                v-if="told.hand === null || told.finished_at"
                :variant="told.finished_at ? 'outline-secondary' : 'primary'"
                size="lg"
                @click="finish"
                >{{ told.finished_at ? "Not finished after all" : "The piece is finished" }}</BButton
              >
              <form class="d-flex flex-fill gap-2" @submit.prevent="keep">
                <BFormInput v-model="note" aria-label="A note on this step" placeholder="A note" maxlength="2000" />
                <BButton type="submit" variant="outline-primary" :disabled="!note.trim()">Save</BButton>
              </form>
            </div>
            <p v-if="next" class="quiet mt-2 mb-0 two-lines">Next: {{ next.words }}</p>
          </div>
        </div>
      </section>
      <WhatIsLeft :told="told" />
      <LookOver :told="told" @looked="(item, found) => happened({ kind: 'looked', item, found })" />
      <MakingEnd
        :told="told"
        @due="(on) => happened({ kind: 'due', on })"
        @rated="(stars) => happened({ kind: 'rated', stars })"
        @offcut="(words, mm) => happened({ kind: 'offcut', words, mm })"
      >
        <MakingPhotos :making="making" @changed="load" />
        <p class="mt-2 mb-0">
          <a :href="`/api/makings/${id}/making.json`" download>Save this making (JSON)</a>
        </p>
      </MakingEnd>
      <MakingSteps :steps="making.steps" :told="told" :hand="hand" @choose="(number) => (chosen = number)" />
    </template>
  </main>
</template>
