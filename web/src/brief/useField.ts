import { computed, type Ref, ref, watch } from "vue";

/**
 * The text of a field while it is being typed in. What is typed goes to `commit` at once and is never rewritten under
 * the maker's hands; outside of typing, and when the document was exchanged (undo), the text follows `value`.
 */
export function useField(value: Ref<string>, exchanged: Ref<number>, commit: (text: string) => void) {
  const text = ref(value.value);
  const busy = ref(false);
  watch(value, (next) => {
    if (!busy.value) text.value = next;
  });
  watch(exchanged, () => (text.value = value.value), { flush: "post" });

  function put(next: string) {
    text.value = next;
    commit(next);
  }
  return {
    text: computed({ get: () => text.value, set: put }),
    focus(event: FocusEvent) {
      busy.value = true;
      (event.target as HTMLInputElement | HTMLTextAreaElement).select();
    },
    blur() {
      busy.value = false;
      text.value = value.value;
    },
    put,
  };
}
