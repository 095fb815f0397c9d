import type { NetworkInterfaceInfo } from 'node:os';
import { expect, test } from 'vitest';
import { addresses } from './entrance';

const face = (address: string, internal = false, family: 'IPv4' | 'IPv6' = 'IPv4') =>
	({ address, internal, family }) as NetworkInterfaceInfo;

test('phones are told the addresses of homes first, and none that only this machine has', () => {
	const faces = {
		lo: [face('127.0.0.1', true)],
		wan: [face('203.0.113.9'), face('2001:db8::9', false, 'IPv6')],
		lan: [face('192.168.1.20'), face('fe80::1', false, 'IPv6')]
	};
	expect(addresses(['0.0.0.0'], faces)).toEqual(['192.168.1.20', '203.0.113.9']);
	expect(addresses(['127.0.0.1', '192.168.1.20'], faces)).toEqual(['192.168.1.20']);
	expect(addresses(['0.0.0.0'], { lo: faces.lo })).toEqual([]);
});
