import { env } from 'node:process';
import { hostname, networkInterfaces } from 'node:os';
import { isOwnName } from './authority';

/** How the program is reached, as it was started. */

export interface Entrance {
	/** Whether who asks has to be let in. */
	closed: boolean;
	/** Whether it is opened to a network by https of its own. */
	lan: boolean;
	/** Whether whoever asks this machine's own address sits at it. */
	trustsDesk: boolean;
	/** Whether several people have records here, each their own. */
	people: boolean;
	/** Whether something before it says by which address and how it was asked. */
	behindProxy: boolean;
	/** Whether the certificate is the person's own. */
	ownCertificate: boolean;
	port: number;
	/** The addresses listened on. */
	hosts: string[];
}

const OPEN: Entrance = {
	closed: false,
	lan: false,
	trustsDesk: true,
	people: false,
	behindProxy: false,
	ownCertificate: false,
	port: 0,
	hosts: []
};

let read: { text: string; entrance: Entrance } | undefined;

/** As whoever serves says it. */
export function entrance(): Entrance {
	const text = env.JUST_ENOUGH_ENTRANCE ?? '';
	if (read?.text !== text) read = { text, entrance: text ? (JSON.parse(text) as Entrance) : OPEN };
	return read.entrance;
}

/** This machine's name, as others in its network find it. */
export const machine = () => hostname().toLowerCase();

const EVERYWHERE = ['0.0.0.0', '::'];

/** The addresses of this machine by which others of its network reach it, those of homes first. */
export function addresses(hosts: readonly string[], interfaces = networkInterfaces()): string[] {
	const listened = hosts.filter((host) => !EVERYWHERE.includes(host) && host !== '127.0.0.1');
	if (listened.length > 0) return listened;
	const all = Object.values(interfaces)
		.flatMap((each) => each ?? [])
		.filter(({ family, internal }) => family === 'IPv4' && !internal)
		.map(({ address }) => address);
	const own = (address: string) => isOwnName(address, machine());
	return [...all.filter(own), ...all.filter((address) => !own(address))];
}

/** What phones of the network open, by https; none where it is not opened to one. */
export const networkAddresses = (scheme: 'http' | 'https' = 'https'): string[] =>
	entrance().lan ? addresses(entrance().hosts).map((host) => `${scheme}://${host}:${entrance().port}`) : [];

/** By which others open it: as in the network, or as whoever asks does. */
export const addressFor = (asked: URL): string => networkAddresses()[0] ?? asked.origin;

/** Names and addresses that the certificate is for. */
export const certified = (hosts: readonly string[]): string[] => [
	...addresses(hosts),
	machine(),
	...(machine().endsWith('.local') ? [] : [`${machine()}.local`])
];
