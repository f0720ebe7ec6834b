import { ref, watch } from "vue";
import { api, ApiProblem, type Asked, type Judgement } from "../api/client";
import type { Player } from "./usePlayer";

/** Practising: the maker says where the wire goes next and is told right or wrong, and why. What is right is made. */
export function usePractice(
  player: Player,
  asked: () => Asked,
  turned: () => boolean,
  note: (move: string, right: boolean) => void,
) {
  const on = ref(false);
  const said = ref<Judgement | null>(null);
  const trouble = ref("");
  const score = ref({ right: 0, asked: 0 });
  /** What was right, where the maker asked to be shown. */
  const shown = ref("");
  let busy = false;

  /** Asks about a gap, and does with the answer what is to be done. */
  async function ask(gap: number, answered: (judgement: Judgement) => void) {
    if (busy || player.made.value === null || player.made.value >= player.total.value) return;
    busy = true;
    try {
      const made = player.made.value;
      answered(await api.judge({ ...asked(), made, said: gap, turned: turned() }));
      trouble.value = "";
    } catch (error) {
      trouble.value = error instanceof ApiProblem ? error.message : "Meander cannot be reached";
    }
    busy = false;
  }

  const say = (gap: number) =>
    ask(gap, (judgement) => {
      said.value = judgement;
      shown.value = "";
      score.value = { right: score.value.right + (judgement.right ? 1 : 0), asked: score.value.asked + 1 };
      note(judgement.words, judgement.right);
      if (judgement.right) player.step(1);
    });

  /** Shows the answer and makes it; it does not count as right. */
  const show = () =>
    ask(0, ({ words }) => {
      said.value = null;
      shown.value = words;
      note(words, false);
      score.value = { ...score.value, asked: score.value.asked + 1 };
      player.step(1);
    });

  function toggle() {
    on.value = !on.value;
    said.value = null;
    shown.value = "";
    score.value = { right: 0, asked: 0 };
    player.running.value = false;
  }
  watch(player.made, (made) => {
    if (made === null) on.value = false;
  });

  return { on, said, shown, trouble, score, say, show, toggle };
}
