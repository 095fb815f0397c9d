/** The frame of every view, the same for all: what is kept where there is no server. */
export const prerender = true;
