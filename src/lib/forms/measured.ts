import { celsiusOf, FLUID_OUNCE, INCH, measures, temperatureRead, volumeRead } from '$core/units';
import { blankOr, decimal, metresOf, type Quantity } from './quantity';

/** A short length in centimetres, or inches where the reader has feet: "60", "24 in". */
export const centimetreQuantity: Quantity = {
	parse: blankOr((text) => {
		if (!/^[\d.,]+$/.test(text)) return metresOf(text) * 100;
		return decimal(text) * (measures().length === 'ft' ? INCH * 100 : 1);
	}),
	show: (value) => String(Number((measures().length === 'ft' ? value / 100 / INCH : value).toPrecision(3)))
};

/** A temperature in °C: "20", "68 °F", "20 C"; bare, in the reader's unit. */
export const temperatureQuantity: Quantity = {
	parse: blankOr((text) => {
		const [, degrees, unit = measures().temperature] = /^([-−]?[\d.,]+)\s*°?\s*([cf])?$/i.exec(text) ?? [];
		if (degrees === undefined) return NaN;
		return unit.toLowerCase() === 'f' ? celsiusOf(decimal(degrees)) : decimal(degrees);
	}),
	show: (value) => String(Number(temperatureRead(value).toFixed(1)))
};

/** A volume in ml: "500", "500 ml", "0.5 l", "16 fl oz"; bare, in the reader's unit. */
export const volumeQuantity: Quantity = {
	parse: blankOr((text) => {
		const [, amount, unit = measures().volume] =
			/^([\d.,]+)\s*(ml|cc|l|fl\.?\s*oz\.?|oz)?$/i.exec(text) ?? [];
		if (amount === undefined) return NaN;
		const scale = { m: 1, c: 1, l: 1000 }[unit[0].toLowerCase()] ?? FLUID_OUNCE;
		return decimal(amount) * scale;
	}),
	show: (value) => String(Number(volumeRead(value).toPrecision(4)))
};
