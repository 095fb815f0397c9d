import { allOrNone } from '../store';

/** Why none of several writes is done, as the answer that says so. */
export class NotAll extends Error {
	constructor(readonly answer: Response) {
		super();
	}
}

/** Does several writes, or none where one of them is not possible: then the answer is that of `NotAll`. */
export function allTogether(writes: () => Response): Response {
	try {
		return allOrNone(writes);
	} catch (error) {
		if (error instanceof NotAll) return error.answer;
		throw error;
	}
}
