/** A walk through some lights; not begun where `began` is empty. */
export interface Walked {
	/** ISO 8601. */
	began: string;
	ended: string;
	/** Of the guesses, stops, + = taken for brighter than it was. */
	errors: number[];
}

export const NOT_WALKED: Walked = { began: '', ended: '', errors: [] };
