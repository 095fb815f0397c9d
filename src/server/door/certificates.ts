/** What is known of the certificates of a home, before any is made. */

export const DAY_MS = 86_400_000;
/** No browser takes a longer one (CA/Browser Forum, Baseline Requirements 6.3.2, from memory). */
export const SERVER_DAYS = 398;
/** Networks that belong to nobody in particular (RFC 1918, 6598, 3927) and this machine. */
export const OWN_NETWORKS = [
	['10.0.0.0', 8],
	['172.16.0.0', 12],
	['192.168.0.0', 16],
	['100.64.0.0', 10],
	['169.254.0.0', 16],
	['127.0.0.0', 8]
] as const;

export interface Pair {
	/** PEM. */
	certificate: string;
	/** PEM, PKCS #8. */
	key: string;
}
