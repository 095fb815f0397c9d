import { measures } from './measures';

/**
 * Writes what something costs, in the reader's currency; as a bare number where none was chosen.
 *
 * @param amount in that currency
 * @param locale the reader's
 * @example formatMoney(2.667, 'en-GB') // '2.67', or '€2.67'
 */
export function formatMoney(amount: number, locale: string): string {
	const { currency } = measures();
	const format = currency
		? ({ style: 'currency', currency } as const)
		: { minimumFractionDigits: 2, maximumFractionDigits: 2 };
	return new Intl.NumberFormat(locale, format).format(amount);
}
