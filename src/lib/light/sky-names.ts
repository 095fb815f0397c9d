import type { Exposed, Sky } from '$core/light';

/** Skies and how a subject stands, as they are chosen from. */

export const skyNames: { value: Sky; name: string }[] = [
	{ value: 'clear', name: 'clear' },
	{ value: 'hazy', name: 'hazy' },
	{ value: 'partly', name: 'partly cloudy' },
	{ value: 'overcast', name: 'overcast' },
	{ value: 'heavy', name: 'heavy, dark cloud' }
];
export const subjectNames: { value: Exposed; name: string }[] = [
	{ value: 'facing', name: 'faces the sun' },
	{ value: 'side', name: 'sun from the side' },
	{ value: 'back', name: 'sun behind it' },
	{ value: 'open-shade', name: 'in open shade' },
	{ value: 'deep-shade', name: 'in deep shade' }
];
