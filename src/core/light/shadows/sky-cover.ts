import type { SkyCoverCondition } from '../types';
import { doubt, evOfRule, type School } from './school';

/** School of the sky: "f/16 at 1/ISO" and down by how much cloud there is. Common practice. */
export const skyCover: School<SkyCoverCondition> = {
	name: 'Sky cover',
	conditions: {
		clear: {
			ev: evOfRule(8),
			sd: doubt.sharpShadows,
			shadows: 'hard',
			words: 'Clear sky',
			elsewhere: { 'shadow-edge': ['sharp'], 'exposure-guide': ['distinct-shadows'] }
		},
		'few-clouds': {
			ev: evOfRule(7),
			sd: doubt.otherwise,
			shadows: 'soft',
			words: 'A few clouds over the sun',
			elsewhere: { 'shadow-edge': ['soft'], 'exposure-guide': ['soft-shadows'] }
		},
		'mostly-cloudy': {
			ev: evOfRule(6),
			sd: doubt.otherwise,
			shadows: 'none',
			words: 'Mostly cloudy, sun breaking through',
			elsewhere: { 'shadow-edge': ['faint'], 'exposure-guide': ['cloudy-bright'] }
		},
		overcast: {
			ev: evOfRule(5),
			sd: doubt.otherwise,
			shadows: 'none',
			words: 'Overcast',
			elsewhere: { 'shadow-edge': ['none'], 'exposure-guide': ['cloudy-bright', 'heavy-overcast'] }
		},
		'deep-shade': {
			// Between f/4 and f/2.8: the middle of the two.
			ev: evOfRule(3.5),
			sd: doubt.deepShade,
			shadows: 'none',
			words: 'Under a tree, deep shade',
			elsewhere: { 'shadow-edge': ['faint'], 'exposure-guide': ['open-shade'] }
		}
	}
};
