<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { mostPetals, withPetals } from "./petals";

/** Asks how many petals like a section stand round a centre, and makes them. */
const props = defineProps<{ index: number }>();
const open = defineModel<boolean>({ required: true });
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const woven = computed(() => piece.value.sections[props.index]?.craft === "weave");
const most = computed(() => mostPetals(piece.value));
const count = ref(5);
const other = ref(1);
const together = ref(false);
const OTHER = [
  { value: 1, text: "as large" },
  { value: 0.85, text: "85 % as large" },
  { value: 0.75, text: "three quarters as large" },
  { value: 0.6, text: "60 % as large" },
];
const WITH = [
  { value: false, text: "a length of its own each" },
  { value: true, text: "one wire through all of them" },
];
const fits = computed(() => Number.isInteger(count.value) && count.value >= 2 && count.value <= most.value);

function make() {
  if (!fits.value) return;
  const read = bench.answer.value!.document.sections[props.index]!;
  const petals = { count: count.value, other: other.value, together: together.value };
  open.value = false;
  void bench.change(withPetals(piece.value, props.index, petals, read));
}
</script>

<template>
  <BModal v-model="open" title="Petals round a centre" no-footer lazy focus="petal-count">
    <BForm class="d-flex flex-column gap-3" @submit.prevent="make">
      <p class="mb-0">Each like this one, folded out and back of the same wire, one after the other.</p>
      <BFormGroup label="Petals in all" label-for="petal-count">
        <BFormInput
          id="petal-count"
          v-model.number="count"
          type="number"
          min="2"
          :max="most"
          :state="fits ? null : false"
        />
        <BFormInvalidFeedback :state="fits ? null : false"
          >“{{ count }}” is no such number; accepted: 2 to {{ most }}</BFormInvalidFeedback
        >
      </BFormGroup>
      <BFormGroup label="Every other one" label-for="petal-other">
        <BFormSelect id="petal-other" v-model="other" :options="OTHER" />
      </BFormGroup>
      <BFormGroup v-if="woven" label="Woven with" label-for="petal-with">
        <BFormSelect id="petal-with" v-model="together" :options="WITH" />
      </BFormGroup>
      <div>
        <BButton variant="primary" type="submit" :disabled="!fits">Make them</BButton>
      </div>
    </BForm>
  </BModal>
</template>
