import type { Book, Entrant, PassKind } from './book';

/** Looks at every request before anything answers it: who asks, and whether that is let in. */

/** How a request came. */
export interface Way {
	/** To this machine's own address, by somebody who sits at it. */
	desk: boolean;
	https: boolean;
}

/** Whether nobody between can read what is said. */
export const isSafe = ({ desk, https }: Way): boolean => https || desk;

interface Asked {
	method?: string;
	url?: string;
	headers: Record<string, string | string[] | undefined>;
}

export type Decided =
	/** None where the door stands open, or where only the sign-in is asked for. */
	| { entrant: Entrant | null }
	| { refused: { status: number; message: string; headers?: Record<string, string> } }
	| { sentTo: string };

/** What a stranger may ask: how to come in. */
export const SIGN_IN = '/sign-in';
export const PAIR = '/pair';
export const BEGIN = '/begin';
export const JOIN = '/join';
export const SESSION = '/api/session';

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);
/** What is sent to be worked out, and changes nothing. */
const WORKED_OUT = /^\/api\/(match|reach|light|learn|plan|plan\/year|bench\/aperture|bench\/shutter)$/;
/** Who is let in is no matter for scripts. */
const ABOUT_THE_DOOR =
	/^\/api\/(door|session|devices|tokens|pairing|passphrase|people)(\/|$)|^\/(pair|join|begin|sign-in)$/;

/** Over https a cookie that no other name can set, and that is never sent without it. */
export const cookieName = (https: boolean) => (https ? '__Host-just-enough' : 'just-enough');
const COOKIES = {
	true: /(?:^|;\s*)__Host-just-enough=([\w-]+)/,
	false: /(?:^|;\s*)just-enough=([\w-]+)/
};
const BEARER = /^Bearer +([\w-]+)$/i;

const pathOf = (url = '/') => url.replace(/[?#].*$/s, '');
const one = (header: string | string[] | undefined) =>
	(Array.isArray(header) ? header.join(', ') : header) ?? '';

/** What a token is not for; null where it is for it. */
function refusedToToken({ access }: Entrant, method: string, path: string): Decided | null {
	if (ABOUT_THE_DOOR.test(path))
		return { refused: { status: 403, message: 'Only a person can decide who may sign in, not a script.' } };
	const reads = READS.has(method) || (method === 'POST' && WORKED_OUT.test(path));
	if (access === 'write' || reads) return null;
	return { refused: { status: 403, message: 'This token is read-only. Nothing was changed.' } };
}

/** Whether a browser asks for a page, and not a script or a page for something of it. */
const isForPage = (method: string, path: string, { headers }: Asked) =>
	method === 'GET' && !path.startsWith('/api/') && one(headers.accept).includes('text/html');

const NOT_IN: Decided = {
	refused: {
		status: 401,
		message: 'Sign in first. Nothing was changed.',
		headers: { 'www-authenticate': 'Bearer' }
	}
};

const isWayIn = (method: string, path: string) =>
	path === SIGN_IN || path === PAIR || path === JOIN || (path === SESSION && method === 'POST');

/** What becomes of who has shown nothing, where there is a passphrase. */
function stranger(asked: Asked): Decided {
	const { method = 'GET', url = '/' } = asked;
	const path = pathOf(url);
	if (isWayIn(method, path)) return { entrant: null };
	if (!isForPage(method, path, asked)) return NOT_IN;
	const to = path === '/' || path === BEGIN ? '' : `?to=${encodeURIComponent(url)}`;
	return { sentTo: `${SIGN_IN}${to}` };
}

/** What becomes of who sits at the desk when there is none yet. */
function beginner(asked: Asked): Decided {
	const { method = 'GET', url } = asked;
	const path = pathOf(url);
	if (path === BEGIN) return { entrant: null };
	return isForPage(method, path, asked) ? { sentTo: BEGIN } : NOT_IN;
}

/**
 * Who keeps the door of one book.
 *
 * @param people whether others than the owner are let in, each to records of their own
 */
export function keeperOf(book: Book, people = false) {
	// Where one person's records are served, nobody else gets them.
	const known = (secret: string, kind: PassKind): Entrant | null => {
		const entrant = book.entrant(secret, kind);
		return entrant && (people || entrant.person === book.owner()) ? entrant : null;
	};
	// A passphrase that was set once stays set: the book is asked only until then.
	let begun = false;
	return (asked: Asked, way: Way): Decided => {
		const { method = 'GET', url, headers } = asked;
		const [, bearer] = BEARER.exec(one(headers.authorization)) ?? [];
		if (bearer !== undefined) {
			const entrant = known(bearer, 'token');
			if (!entrant) return { refused: { status: 401, message: 'This token isn’t known here.' } };
			return refusedToToken(entrant, method, pathOf(url)) ?? { entrant };
		}
		const [, secret] = COOKIES[`${way.https}`].exec(one(headers.cookie)) ?? [];
		const entrant = secret === undefined ? null : known(secret, 'device');
		if (entrant) return { entrant };
		begun ||= book.hasPassphrase();
		return begun || !way.desk ? stranger(asked) : beginner(asked);
	};
}
