import { object, string } from 'yup';
import type { ShadowsReading, Sky } from '../core/light';
import type { DateOrder, Measures } from '../core/units';
import { held } from './held';
import type { Paper } from './paper';

/** What a person set for themselves, on whatever device they read it; absent: as it is usual. */
export interface SettingsRecord extends Partial<Measures> {
	/** What a printer takes. */
	paper?: Paper;
	/** By which school daylight is read first. */
	school?: ShadowsReading['school'];
	/** The sky that a plan begins with. */
	sky?: Sky;
}

/** A person has one set of them, under this id on every device: two that were away from each other change the same. */
export const SETTINGS_ID = '5e771465-0000-4000-8000-000000000001';

const oneOf = <T extends string>(...values: T[]) => string<T>().oneOf(values);

export const settingsRecordSchema = held<SettingsRecord>()(
	object({
		length: oneOf('m', 'ft'),
		temperature: oneOf('C', 'F'),
		volume: oneOf('ml', 'fl oz'),
		paper: oneOf('a4', 'letter'),
		clock: oneOf('12', '24'),
		dates: oneOf<DateOrder>('dmy', 'mdy', 'ymd'),
		zone: oneOf('place', 'mine'),
		currency: string().matches(/^[A-Z]{3}$/, 'must be three capital letters, such as EUR'),
		school: oneOf<ShadowsReading['school']>('shadow-edge', 'sky-cover', 'exposure-guide'),
		sky: oneOf<Sky>('clear', 'hazy', 'partly', 'overcast', 'heavy')
	})
);
