import { GRID } from '$core/bench';

/** What a file says of itself before its frames are looked at. */
export interface ClipFile {
	/** When its frames are, s, rising. */
	times: number[];
	/** Whether the browser hands out its frames. */
	decodes: boolean;
}

/** At what size a frame is drawn whose numbers cannot be had otherwise. */
export const DRAWN = { width: 4 * GRID.columns, height: 4 * GRID.rows } as const;
