/** How an archive says what it is, and the file of it that holds the records. */
export const FORMAT = 'just-enough-archive';
export const FORM = 1;
export const RECORDS = 'records.json';
