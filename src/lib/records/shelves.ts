/** What the browser keeps beside the program's own files, by name: the service worker leaves it where it is. */

/** Towns by name. */
export const TOWNS = 'just-enough-towns';
/** Pictures that were handed over by another program, until they are dealt with. */
export const SHARED = 'just-enough-shared';
/** Small pictures that were seen. */
export const PICTURES = 'just-enough-pictures';
/** A header that says what a file is called. */
export const NAME_OF_FILE = 'x-name';
/** The field of the form in which pictures are handed over, as the manifest says. */
export const FIELD = 'pictures';
