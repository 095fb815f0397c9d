import type { PictureOwner } from '$contract/pictures';
import type { Replica } from './database';

/** Pictures that were added here and are on their way to the server, as their files are. */

export interface WaitingFile {
	n: number;
	/** Of the picture that comes of it. */
	id: string;
	owner: PictureOwner;
	ownerId: string;
	name: string;
	file: Blob;
	/** When it was added, ms. */
	at: number;
	/** Why the server would not have it. */
	problem?: string;
}

/** What the server says to a file. */
export type FileSaid =
	{ result: 'kept' } | { result: 'refused'; problem: string } | { result: 'unreachable'; answered: boolean };

/** Has a file wait; what there is no room for is an error. */
export async function keepFile(replica: Replica, file: Omit<WaitingFile, 'n'>): Promise<void> {
	await replica.files.add(file as WaitingFile);
}

/** All that wait, in the order in which they were added. */
export const waitingFiles = ({ files }: Replica): Promise<WaitingFile[]> => files.orderBy('n').toArray();

/** Lets go of a file. */
export const dropFile = ({ files }: Replica, id: string): Promise<number> =>
	files.where('id').equals(id).delete();

/**
 * Sends what waits, one after the other; sending it twice is harmless, as each has its id.
 *
 * @param again whether to send those again, too, that the server would not have
 * @param waits whether what a picture is of waits itself, by its id: the picture comes after it
 * @returns how many were kept, and whether the server answered to the end
 */
export async function sendFiles(
	replica: Replica,
	send: (file: WaitingFile) => Promise<FileSaid>,
	again = false,
	waits: (ownerId: string) => boolean = () => false
): Promise<{ kept: number; answered: boolean }> {
	let kept = 0;
	for (const file of await waitingFiles(replica)) {
		if ((file.problem && !again) || waits(file.ownerId)) continue;
		const said = await send(file);
		if (said.result === 'unreachable' && !said.answered) return { kept, answered: false };
		if (said.result === 'kept') {
			await dropFile(replica, file.id);
			kept += 1;
		} else if (said.result === 'refused') await replica.files.update(file.n, { problem: said.problem });
	}
	return { kept, answered: true };
}
