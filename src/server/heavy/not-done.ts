/** A task that was not done, with a word for whoever asked for it. */
export class NotDone extends Error {}
