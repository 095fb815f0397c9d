import { compare } from './compare';

/** What is compared beside the page, in a worker. */
export const compareWork = { compare };
