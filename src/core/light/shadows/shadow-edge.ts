import type { ShadowEdgeCondition } from '../types';
import { doubt, evOfRule, type School } from './school';

/** School of the shadow's edge: "f/16 at 1/ISO" and down by what the shadow looks like. Common practice. */
export const shadowEdge: School<ShadowEdgeCondition> = {
	name: 'Shadow edge',
	conditions: {
		sharp: {
			ev: evOfRule(8),
			sd: doubt.sharpShadows,
			shadows: 'hard',
			words: 'Sharp, dark shadows',
			elsewhere: { 'sky-cover': ['clear'], 'exposure-guide': ['distinct-shadows'] }
		},
		soft: {
			ev: evOfRule(7),
			sd: doubt.otherwise,
			shadows: 'soft',
			words: 'Soft-edged shadows',
			elsewhere: { 'sky-cover': ['few-clouds'], 'exposure-guide': ['soft-shadows'] }
		},
		faint: {
			ev: evOfRule(6),
			sd: doubt.otherwise,
			shadows: 'none',
			words: 'Barely visible, or the shaded side',
			elsewhere: { 'sky-cover': ['mostly-cloudy'], 'exposure-guide': ['cloudy-bright', 'soft-shadows'] }
		},
		none: {
			ev: evOfRule(5),
			sd: doubt.otherwise,
			shadows: 'none',
			words: 'No shadow at all',
			elsewhere: { 'sky-cover': ['overcast'], 'exposure-guide': ['cloudy-bright', 'heavy-overcast'] }
		}
	}
};
