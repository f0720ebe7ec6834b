<script setup lang="ts">
import { ref } from "vue";
import type { OwnWeave } from "../api/client";
import StripPicture from "../strip/StripPicture.vue";
import { useFormat } from "../units/format";
import { SCALE, useBend } from "./figures";
import type { Shown } from "./useWeaves";

/** One weave: its strip, what it takes and suits; the maker's own can be named anew, described and let go. */
const props = defineProps<{
  weave: Shown;
  /** Whether it is on the bench, whether it is compared, and whether no more can be. */
  taken: boolean;
  compared: boolean;
  full: boolean;
  put: (id: string, weave: OwnWeave) => Promise<string>;
  keep: (weave: OwnWeave) => Promise<string>;
}>();
const emit = defineEmits<{ take: []; compare: []; drop: [] }>();
const format = useFormat();
const bend = useBend();
const editing = ref<{ name: string; notes: string } | null>(null);
const fault = ref("");

function edit() {
  const { name, notes } = props.weave.own!.weave;
  editing.value = { name, notes };
  fault.value = "";
}
async function save() {
  const { id, weave } = props.weave.own!;
  fault.value = await props.put(id!, { ...weave, ...editing.value! });
  if (!fault.value) editing.value = null;
}
async function keepIt() {
  fault.value = await props.keep(props.weave.own!.weave);
}
</script>

<template>
  <li class="card p-2 gap-1" :class="{ 'taken border-primary': taken }" :data-weave="weave.key">
    <StripPicture
      class="overflow-hidden"
      :picture="weave.picture"
      :scale="SCALE"
      :label="`${weave.sample.name}, strip`"
    />
    <form v-if="editing" class="d-grid gap-2" @submit.prevent="save" @keydown.esc.stop="editing = null">
      <BFormInput v-model="editing.name" aria-label="Name of the weave" maxlength="80" />
      <BFormTextarea v-model="editing.notes" rows="2" aria-label="What it is good for" maxlength="400" />
      <BButton variant="outline-primary" type="submit">Save</BButton>
      <BButton variant="link" @click="editing = null">Cancel</BButton>
    </form>
    <template v-else>
      <h3>{{ weave.sample.name }}</h3>
      <p class="quiet flex-fill">{{ weave.sample.suits }}</p>
    </template>
    <p v-if="fault" class="said-wrong text-danger small sans" role="alert">{{ fault }}</p>
    <dl class="facts d-flex flex-wrap column-gap-4 row-gap-1 border-top pt-2 figures border-0">
      <div>
        <dt>wire for 1 cm</dt>
        <dd>{{ format.length(weave.figures.wire_per_cm_mm) }}</dd>
      </div>
      <div>
        <dt>repeat</dt>
        <dd>{{ format.length(weave.figures.advance_mm) }}</dd>
      </div>
      <div>
        <dt>width</dt>
        <dd>{{ format.length(weave.figures.width_mm) }}</dd>
      </div>
      <div>
        <dt>bends edgewise to</dt>
        <dd>{{ bend(weave) }}</dd>
      </div>
    </dl>
    <div class="d-flex flex-wrap align-items-center gap-2">
      <BButton variant="outline-primary" :disabled="taken" @click="emit('take')">
        {{ taken ? "On the bench" : "Weave this" }}
      </BButton>
      <BButton
        variant="outline-secondary"
        :pressed="compared"
        :disabled="full && !compared"
        :title="full && !compared ? 'Three are compared already' : undefined"
        @click="emit('compare')"
      >
        Compare
      </BButton>
      <template v-if="weave.own && !editing">
        <template v-if="weave.own.id">
          <BButton variant="link" @click="edit">Rename</BButton>
          <BButton variant="link" @click="emit('drop')">Remove</BButton>
        </template>
        <BButton v-else variant="link" @click="keepIt">It came with this piece: save it</BButton>
      </template>
    </div>
  </li>
</template>
