import { json } from '@sveltejs/kit';
import type { Issue } from '$contract/validate';
import { counted } from '$words';

/** The answers of the API that are not a plain record. */

export const invalid = (issues: Issue[]) =>
	json(
		{
			message: counted(issues.length, 'One field needs fixing', '# fields need fixing'),
			issues
		},
		{ status: 422 }
	);

export const NO_PAGE: Issue = { path: 'after', message: 'must be the next of an earlier page' };

export const problem = (status: number, message: string) => json({ message }, { status });

export const stale = (message: string, current: unknown) => json({ message, current }, { status: 409 });

export const notFound = (what: string) => problem(404, `There is no such ${what}`);

/** Answers 405 to every verb that a route does not have. */
export const onlyAllow =
	(...verbs: string[]) =>
	() =>
		json({ message: `Only ${verbs.join(', ')} here` }, { status: 405, headers: { allow: verbs.join(', ') } });
