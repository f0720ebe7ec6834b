import { reactive } from "vue";
import { api, type Maker } from "../api/client";

const maker = reactive<Maker>({ pace: 0, paces: {}, push: "well", allowances: null });
let asked = false;

/** How this maker works; the same on every page. A pace of 0 is not known yet. */
export function useMaker() {
  if (!asked) {
    asked = true;
    void api.maker().then(
      (said) => Object.assign(maker, said),
      () => (asked = false),
    );
  }
  return {
    maker,
    /** Keeps what the maker says. */
    say: async (said: Maker) => Object.assign(maker, await api.sayMaker(said)),
  };
}
