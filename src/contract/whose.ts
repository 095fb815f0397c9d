/**
 * A cookie that tells a page whose records it may ask for, where several people have some: it lets nobody in. And a header
 * by which a page says whose it means to write, or to take along.
 */
export const WHOSE = 'just-enough-person';
