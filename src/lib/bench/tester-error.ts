/** How well a tester tells a time, % of it: simple ones are right to a few; common practice. */
export const testerError = { usual: 3, least: 0.1, most: 50, problem: 'must be between 0.1 and 50' } as const;
