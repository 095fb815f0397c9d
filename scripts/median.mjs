/**
 * The middle one of some numbers; of an even many the upper of the two.
 *
 * @param {readonly number[]} numbers
 */
export const median = (numbers) => numbers.toSorted((a, b) => a - b)[Math.floor(numbers.length / 2)];
