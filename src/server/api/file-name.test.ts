import { expect, it } from 'vitest';
import { asFile } from './file-name';

it('files keep their names in any script, and no name leads out of a header or a folder', () => {
	const header = (...asked: Parameters<typeof asFile>) => asFile(...asked)['content-disposition'];
	expect(header('frames', 'csv', 'frames')).toBe('attachment; filename=frames.csv');
	// Source: RFC 6266, section 5, whose example is "€ rates"; RFC 8187 for the letters.
	expect(header('€ rates', 'txt', 'table')).toBe(
		`attachment; filename="? rates.txt"; filename*=UTF-8''%E2%82%AC%20rates.txt`
	);
	expect(header('写ルンです', 'pdf', 'card', true)).toContain(
		`filename*=UTF-8''%E5%86%99%E3%83%AB%E3%83%B3%E3%81%A7%E3%81%99.pdf`
	);
	expect(header('a"\r\nX: "/../b', 'ics', 'calendar')).toBe('attachment; filename="a X .. b.ics"');
	expect(header('///', 'ics', 'calendar')).toBe('attachment; filename=calendar.ics');
});
