import { randomLcg, randomUniform } from 'd3-random';
import { sceneFor, type DrawnScene } from './drawn';
import { skills, type Skill } from './skills';

/** Scenes of a printed sheet. */
export const ON_PAPER = 12;

/** A scene of a sheet, with what it practises. */
export interface PrintedScene {
	skill: Skill;
	scene: DrawnScene;
}

/**
 * Twelve scenes for a sheet of paper, no two of one kind.
 *
 * @param sheet a whole number; the same number is the same sheet
 * @example scenesOnPaper(1).length // 12
 */
export function scenesOnPaper(sheet: number): PrintedScene[] {
	const source = randomLcg(sheet);
	const draw = randomUniform.source(source)(0, 1);
	// The first draws of neighbouring sheets are alike.
	draw();
	const drawn = skills.map((skill) => ({ skill, at: draw() })).sort((a, b) => a.at - b.at);
	return drawn
		.slice(0, ON_PAPER)
		.map(({ skill }, at) => ({ skill, scene: sceneFor(skill, sheet * 32 + at) }));
}
