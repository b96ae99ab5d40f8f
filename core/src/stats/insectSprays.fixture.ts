/** Beall G (1942) Biometrika 32:243–262; R datasets::InsectSprays: insects a plot after a spray; spreads differ widely. */
export const insectSprays = {
  A: [10, 7, 20, 14, 14, 12, 10, 23, 17, 20, 14, 13],
  B: [11, 17, 21, 11, 16, 14, 17, 17, 19, 21, 7, 13],
  C: [0, 1, 7, 2, 3, 1, 2, 1, 3, 0, 1, 4],
  D: [3, 5, 12, 6, 4, 3, 5, 5, 5, 5, 2, 4],
  E: [3, 5, 3, 5, 3, 6, 1, 1, 3, 2, 6, 4],
  F: [11, 9, 15, 22, 15, 16, 13, 10, 26, 26, 24, 13],
};
