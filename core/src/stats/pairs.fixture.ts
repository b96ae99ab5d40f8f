/** Darwin C (1876), in Fisher RA (1935) The Design of Experiments, ch. 3: crossed minus self-fertilised maize, eighths of an inch. */
export const darwin = [49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48];
/** Student (1908) The probable error of the mean, Biometrika 6: hours of sleep gained. */
export const sleep = [1.2, 2.4, 1.3, 1.3, 0, 1, 1.8, 0.8, 4.6, 1.4];
