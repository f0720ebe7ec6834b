import { ref, type Ref } from "vue";

/** How much nearer than the whole, and how far the middle is moved, in pixels. */
export interface Near {
  k: number;
  x: number;
  y: number;
}
export const WHOLE: Near = { k: 1, x: 0, y: 0 };
const NEAREST = 16;
const STEP = 1.5;
const PAN_PX = 60;

/** A press that moves less than this is no drag. */
const STILL_PX = 5;
const DOUBLE = 2.5;

/** Looking nearer at a picture: by wheel, pinch, double press, drag, keys and buttons; `pressed`: where it was pressed. */
export function useNear(box: Ref<HTMLElement | null>, pressed: (event: PointerEvent) => void = () => {}) {
  const near = ref<Near>({ ...WHOLE });

  /** Nearer by a factor, a place of the box staying where it is (its middle where none is given). */
  function zoom(factor: number, at?: { x: number; y: number }) {
    const k = Math.min(Math.max(near.value.k * factor, 1), NEAREST);
    const by = k / near.value.k;
    const [x, y] = [at?.x ?? 0, at?.y ?? 0];
    near.value = k === 1 ? { ...WHOLE } : { k, x: x + (near.value.x - x) * by, y: y + (near.value.y - y) * by };
  }
  function pan(dx: number, dy: number) {
    if (near.value.k > 1) near.value = { ...near.value, x: near.value.x + dx, y: near.value.y + dy };
  }
  /** A place from the middle of the box. */
  function place(event: MouseEvent) {
    const rect = box.value!.getBoundingClientRect();
    return { x: event.clientX - rect.left - rect.width / 2, y: event.clientY - rect.top - rect.height / 2 };
  }
  function wheel(event: WheelEvent) {
    // At its farthest the page may scroll on.
    if (near.value.k === 1 && event.deltaY > 0) return;
    event.preventDefault();
    zoom(Math.exp(-event.deltaY / 200), place(event));
  }

  const fingers = new Map<number, PointerEvent>();
  const spread = () => {
    const [one, other] = [...fingers.values()];
    return one && other ? Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY) : 0;
  };
  let start = { x: 0, y: 0 };
  function down(event: PointerEvent) {
    start = { x: event.clientX, y: event.clientY };
    if (near.value.k > 1 || fingers.size > 0) box.value!.setPointerCapture(event.pointerId);
    fingers.set(event.pointerId, event);
  }
  function move(event: PointerEvent) {
    const before = fingers.get(event.pointerId);
    if (!before) return;
    const was = spread();
    fingers.set(event.pointerId, event);
    if (fingers.size > 1) zoom(spread() / Math.max(was, 1), place(event));
    else pan(event.clientX - before.clientX, event.clientY - before.clientY);
  }
  function up(event: PointerEvent) {
    fingers.delete(event.pointerId);
    if (event.type === "pointerup" && Math.hypot(event.clientX - start.x, event.clientY - start.y) < STILL_PX)
      pressed(event);
  }
  function double(event: MouseEvent) {
    if (near.value.k > 1) near.value = { ...WHOLE };
    else zoom(DOUBLE, place(event));
  }

  const ARROWS: Record<string, [number, number]> = {
    ArrowLeft: [PAN_PX, 0],
    ArrowRight: [-PAN_PX, 0],
    ArrowUp: [0, PAN_PX],
    ArrowDown: [0, -PAN_PX],
  };
  function key(event: KeyboardEvent) {
    if (event.key === "+" || event.key === "=") zoom(STEP);
    else if (event.key === "-") zoom(1 / STEP);
    else if (event.key === "0") near.value = { ...WHOLE };
    else if (event.key in ARROWS && near.value.k > 1) pan(...ARROWS[event.key]!);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
  return {
    near,
    nearer: () => zoom(STEP),
    farther: () => zoom(1 / STEP),
    whole: () => (near.value = { ...WHOLE }),
    farthest: () => near.value.k === 1,
    nearest: () => near.value.k >= NEAREST,
    on: {
      wheel,
      pointerdown: down,
      pointermove: move,
      pointerup: up,
      pointercancel: up,
      dblclick: double,
      keydown: key,
    },
  };
}
