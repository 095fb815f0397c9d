import type { ExposureGuideCondition } from '../types';
import { doubt, type School } from './school';

/** Daylight tables of the exposure guide ANSI PH2.7, in whole EVs; from memory. */
export const exposureGuide: School<ExposureGuideCondition> = {
	name: 'Exposure guide',
	conditions: {
		'snow-or-sand': {
			ev: 16,
			// It also holds what is pale by itself.
			sd: doubt.otherwise,
			shadows: 'hard',
			words: 'Bright sun on snow or pale sand',
			elsewhere: { 'shadow-edge': ['sharp'], 'sky-cover': ['clear'] }
		},
		'distinct-shadows': {
			ev: 15,
			sd: doubt.sharpShadows,
			shadows: 'hard',
			words: 'Sun, distinct shadows',
			elsewhere: { 'shadow-edge': ['sharp'], 'sky-cover': ['clear'] }
		},
		'soft-shadows': {
			ev: 14,
			sd: doubt.otherwise,
			shadows: 'soft',
			words: 'Weak sun, soft shadows',
			elsewhere: { 'shadow-edge': ['soft', 'faint'], 'sky-cover': ['few-clouds'] }
		},
		'cloudy-bright': {
			ev: 13,
			sd: doubt.otherwise,
			shadows: 'none',
			words: 'Cloudy but bright, no shadows',
			elsewhere: { 'shadow-edge': ['faint', 'none'], 'sky-cover': ['mostly-cloudy'] }
		},
		'heavy-overcast': {
			ev: 12,
			sd: doubt.otherwise,
			shadows: 'none',
			words: 'Heavy overcast',
			elsewhere: { 'shadow-edge': ['none'], 'sky-cover': ['overcast'] }
		},
		'open-shade': {
			ev: 12,
			sd: doubt.otherwise,
			shadows: 'none',
			words: 'Open shade under clear sky',
			elsewhere: { 'shadow-edge': ['faint'], 'sky-cover': ['deep-shade'] }
		}
	}
};
