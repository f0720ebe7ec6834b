import { onMounted, ref, shallowRef, watch } from "vue";

/** What there is to choose from, tried in some wire, and tried anew in another one; they are kept just as they came, as what is taken from them becomes part of a piece. */
export function useSamples<Sample>(tried: () => string, ask: () => Promise<Sample[]>, cannot: string) {
  const samples = shallowRef<Sample[] | null>(null);
  const trouble = ref("");
  async function load() {
    try {
      samples.value = await ask();
      trouble.value = "";
    } catch {
      trouble.value = cannot;
    }
  }
  onMounted(load);
  watch(tried, load);
  return { samples, trouble };
}
