import { useEventListener, useIntervalFn, useStorage } from "@vueuse/core";
import { computed, ref, shallowRef } from "vue";
import { api, ApiProblem } from "../api/client";
import type { Making, MakingEvent } from "../api/makings";
import { withPending } from "./account";

/** Until what could not be sent is sent again, and how much at once. */
const [AGAIN_MS, AT_ONCE] = [3000, 500];

type Happened = MakingEvent extends infer One ? (One extends MakingEvent ? Omit<One, "id" | "at"> : never) : never;

/** A making: what happens is shown at once, kept here until Meander has it, and sent once, however often that is tried. */
export function useMaking(id: string) {
  const making = shallowRef<Making | null>(null);
  const trouble = ref("");
  const away = ref(false);
  const kept = useStorage<MakingEvent[]>(`meander-making-${id}`, []);
  const told = computed(() => making.value && withPending(making.value.told, kept.value));
  let sending = false;

  function happened(event: Happened) {
    kept.value = [...kept.value, { ...event, id: crypto.randomUUID(), at: Date.now() } as MakingEvent];
    void send();
  }

  async function send() {
    if (sending || !kept.value.length || !making.value) return;
    sending = true;
    const some = kept.value.slice(0, AT_ONCE);
    try {
      const answer = await api.happened(id, JSON.parse(JSON.stringify(some)));
      const sent = new Set(some.map((one) => one.id));
      making.value = { ...making.value, ...answer };
      kept.value = kept.value.filter((one) => !sent.has(one.id));
      away.value = false;
      trouble.value = "";
    } catch (error) {
      away.value = !(error instanceof ApiProblem);
      trouble.value = error instanceof ApiProblem ? error.message : "";
    } finally {
      sending = false;
    }
    if (kept.value.length && !away.value && !trouble.value) void send();
  }

  async function load() {
    try {
      making.value = await api.making(id);
      trouble.value = "";
      away.value = false;
      void send();
    } catch (error) {
      away.value = !(error instanceof ApiProblem);
      trouble.value = error instanceof ApiProblem ? error.message : "Meander cannot be reached";
    }
  }
  void load();
  useIntervalFn(() => void (making.value ? send() : load()), AGAIN_MS);
  useEventListener(window, "online", () => void send());
  return { making, told, happened, trouble, away, waiting: computed(() => kept.value.length), load };
}
