import { ref, watch } from "vue";
import { api, ApiProblem, type Asked, type Judgement } from "../api/client";
import type { Player } from "./usePlayer";

/** Practising: the maker says where the wire goes next and is told right or wrong, and why. What is right is made. */
export function usePractice(player: Player, asked: () => Asked, turned: () => boolean) {
  const on = ref(false);
  const said = ref<Judgement | null>(null);
  const trouble = ref("");
  const score = ref({ right: 0, asked: 0 });
  let busy = false;

  async function say(gap: number) {
    if (busy || player.made.value === null || player.made.value >= player.total.value) return;
    busy = true;
    try {
      const made = player.made.value;
      said.value = await api.judge({ ...asked(), made, said: gap, turned: turned() });
      trouble.value = "";
      score.value = { right: score.value.right + (said.value.right ? 1 : 0), asked: score.value.asked + 1 };
      if (said.value.right) player.step(1);
    } catch (error) {
      trouble.value = error instanceof ApiProblem ? error.message : "Meander cannot be reached";
    }
    busy = false;
  }

  function toggle() {
    on.value = !on.value;
    said.value = null;
    score.value = { right: 0, asked: 0 };
    player.running.value = false;
  }
  watch(player.made, (made) => {
    if (made === null) on.value = false;
  });

  return { on, said, trouble, score, say, toggle };
}
