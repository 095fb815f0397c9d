import { error } from '@sveltejs/kit';
import { parse } from 'devalue';
import type { ViewName, Views } from '$views/views';

/** What a view shows, as the server has it now; where it has not, the view says why. */
export async function viewOf<Name extends ViewName>(
	fetch: typeof window.fetch,
	name: Name,
	asked: Readonly<Record<string, string>> | URLSearchParams = {}
): Promise<Awaited<ReturnType<Views[Name]>>> {
	const query = new URLSearchParams(asked).toString();
	const response = await fetch(`/api/views/${name}${query && `?${query}`}`);
	const text = await response.text();
	if (response.ok) return parse(text);
	error(response.status, messageIn(text));
}

/** What an answer says in words; what is no answer of ours says nothing. */
function messageIn(text: string): string {
	try {
		return String((JSON.parse(text) as { message?: string }).message);
	} catch {
		return 'Something went wrong here. Nothing of yours was changed.';
	}
}
