import type { Exposed, Ground, Sky } from '$core/light';
import { groundInWords, skyInWords, subjectInWords } from '$words';

/** Skies and how a subject stands, as they are chosen from. */

const choices = <T extends string>(names: Readonly<Record<T, string>>) =>
	(Object.entries(names) as [T, string][]).map(([value, name]) => ({ value, name }));

export const skyNames = choices<Sky>(skyInWords);
export const subjectNames = choices<Exposed>(subjectInWords);
export const groundNames = choices<Ground | 'plain'>(groundInWords);
