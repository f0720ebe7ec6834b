interface Drag {
  start: (x: number) => void;
  /** x within the element and the steps since the last move, in px. */
  move: (x: number, dx: number, dy: number) => void;
  /** Two fingers: by how much their distance grew. */
  pinch?: (factor: number) => void;
}

/** Pointer listeners for dragging with mouse, pen or finger; bind with v-on. */
export function useDrag(drag: Drag) {
  const pointers = new Map<number, number>();
  const inside = (event: PointerEvent) =>
    event.clientX - (event.currentTarget as HTMLElement).getBoundingClientRect().left;
  const spread = () => {
    const [a, b] = [...pointers.values()];
    return Math.abs(a! - b!) || 1;
  };
  const release = (event: PointerEvent) => pointers.delete(event.pointerId);

  return {
    pointerdown(event: PointerEvent) {
      (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
      pointers.set(event.pointerId, inside(event));
      if (pointers.size === 1) drag.start(inside(event));
    },
    pointermove(event: PointerEvent) {
      const last = pointers.get(event.pointerId);
      if (last === undefined) return;
      const before = pointers.size === 2 ? spread() : 0;
      pointers.set(event.pointerId, inside(event));
      if (pointers.size === 2) drag.pinch?.(spread() / before);
      else drag.move(inside(event), inside(event) - last, event.movementY);
    },
    pointerup: release,
    pointercancel: release,
  };
}
