type Point = [number, number];

function distance([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const length = Math.hypot(bx - ax, by - ay);
  return length === 0 ? Math.hypot(x - ax, y - ay) : Math.abs((bx - ax) * (ay - y) - (ax - x) * (by - ay)) / length;
}

/** The fewest of the points that keep the line within a tolerance of where it was (Ramer, Douglas and Peucker). */
export function simplified(points: Point[], tolerance: number): Point[] {
  if (points.length < 3) return points;
  const [first, last] = [points[0]!, points.at(-1)!];
  let farthest = 0;
  let most = tolerance;
  points.forEach((point, i) => {
    const off = distance(point, first, last);
    if (off > most) [farthest, most] = [i, off];
  });
  if (farthest === 0) return [first, last];
  return [
    ...simplified(points.slice(0, farthest + 1), tolerance),
    ...simplified(points.slice(farthest), tolerance).slice(1),
  ];
}
