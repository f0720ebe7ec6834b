/** A place where lines are put: x, y, how far turned in parts of a radian, and the number of the stitch; one after another. */
export const PLACE = 4;
export const TURN = 10_000;
