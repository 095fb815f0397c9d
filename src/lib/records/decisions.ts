import { carried } from './carried';
import { changes } from './changes.svelte';
import { pictures } from './pictures.svelte';
import { refresh } from './refresh';

/** What a person says of what waits here: it comes with the view that asks. */

async function sendOn(): Promise<void> {
	await changes.look();
	await changes.sendAll();
	await refresh();
}

/** Says whose version is right of what was changed on both sides. */
export async function decide(n: number, whose: 'mine' | 'theirs'): Promise<void> {
	const opened = await carried.open();
	const { decide } = await import('$replica/push');
	if (opened) await decide(opened.replica, n, whose);
	await sendOn();
}

/** Lets go of a change that the server would not have. */
export async function letGo(n: number): Promise<void> {
	const opened = await carried.open();
	const { letGo } = await import('$replica/push');
	if (opened) await letGo(opened.replica, n);
	await sendOn();
}

/** The person has seen what became of it. */
export async function seen(): Promise<void> {
	const opened = await carried.open();
	await opened?.replica.meta.delete('notices');
	await changes.look();
}

/** Lets go of a picture that waits. */
export async function letGoOfPicture(id: string): Promise<void> {
	const opened = await carried.open();
	if (!opened) return;
	const { dropFile } = await import('$replica/files');
	await dropFile(opened.replica, id);
	await pictures.look();
}
