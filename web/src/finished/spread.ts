/** A place on the page, in pixels. */
export interface Place {
  x: number;
  y: number;
}
const ROUNDS = 60;

/** Places pushed apart until none is nearer to another than `least`, within a box with that margin; none moves where it need not. */
export function spread(places: Place[], least: number, width: number, height: number): Place[] {
  const found = places.map((place) => ({ ...place }));
  const within = (at: number, size: number) => Math.min(Math.max(at, least / 2), Math.max(size - least / 2, least / 2));
  for (let round = 0; round < ROUNDS; round++) {
    let near = false;
    found.forEach((one, i) => {
      for (const other of found.slice(i + 1)) {
        // Those in one place part along the page.
        const [dx, dy] = [other.x - one.x || 0.01, other.y - one.y];
        const apart = Math.hypot(dx, dy);
        if (apart >= least) continue;
        near = true;
        const by = (least - apart) / 2 / apart;
        one.x -= dx * by;
        one.y -= dy * by;
        other.x += dx * by;
        other.y += dy * by;
      }
    });
    for (const one of found) {
      one.x = within(one.x, width);
      one.y = within(one.y, height);
    }
    if (!near) break;
  }
  return found;
}
