import type { createScene } from "./createScene";

const STEP = Math.PI / 18;

/** The keys that turn what is seen in space, and bring it nearer; Home looks as at the beginning. */
export function useTurning(scene: () => ReturnType<typeof createScene> | null, home: () => void) {
  const keys: Record<string, () => void> = {
    ArrowLeft: () => scene()?.orbit(-STEP, 0),
    ArrowRight: () => scene()?.orbit(STEP, 0),
    ArrowUp: () => scene()?.orbit(0, STEP),
    ArrowDown: () => scene()?.orbit(0, -STEP),
    "+": () => scene()?.zoom(1.2),
    "=": () => scene()?.zoom(1.2),
    "-": () => scene()?.zoom(1 / 1.2),
    Home: home,
  };
  return (event: KeyboardEvent) => {
    const act = keys[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  };
}
