import erfc from '@stdlib/math-base-special-erfc';

/**
 * The chance that a normal quantity lies below a value: Φ(z) = erfc(−z/√2)/2.
 * Source: the definition of the complementary error function.
 *
 * @param z how far the value lies above the mean, standard deviations
 * @returns 0 … 1
 * @example chanceBelow(1.6448536) // 0.95
 */
export const chanceBelow = (z: number): number => erfc(-z / Math.SQRT2) / 2;
