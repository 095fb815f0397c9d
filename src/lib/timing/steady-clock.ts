/** A clock that never jumps within a page and goes on where it is opened again, ms since 1970. */
const opened = Date.now() - performance.now();
export const now = () => opened + performance.now();
