<!-- Twelve made-up scenes on a sheet of paper, for the bus; their lights on its back. -->
<script lang="ts">
	import { DateTime } from 'luxon';
	import { evOfScene, scenesOnPaper, type PrintedScene } from '$core/practice';
	import { answerInWords, sceneInWords } from '$words';
	import PaperPage from '$lib/sheets/PaperPage.svelte';
	import { paint, pictureOf } from './drawing';
	import PracticeNav from './PracticeNav.svelte';

	/** Of the day, and then the ones after it. */
	const today = Number(DateTime.local().toFormat('yyyyMMdd')) * 16;
	let more = $state(0);
	const scenes = $derived(scenesOnPaper(today + more));
	let drawn = $state(0);
	let failed = $state(0);
	let answers = $state(false);

	/** Draws a scene where it stands. */
	const draws = (canvas: HTMLCanvasElement, { scene }: PrintedScene) => {
		let wanted = true;
		pictureOf(scene).then(
			(picture) => {
				if (!wanted) return;
				paint(canvas, picture);
				drawn++;
			},
			() => {
				if (wanted) failed++;
			}
		);
		return { destroy: () => void (wanted = false) };
	};

	function another() {
		[drawn, failed, answers] = [0, 0, false];
		more++;
	}
	const print = () => window.print();
</script>

<svelte:head><title>Twelve scenes on paper · Just Enough</title></svelte:head>
<PaperPage>
	{#snippet head()}
		<div>
			<h1>Practice</h1>
			<PracticeNav here="paper" />
		</div>
		<p>
			Twelve made-up lights for the bus: say the EV, or the f-number at 1/ISO, then turn the sheet. Print both
			sides, flipped on the long edge.
		</p>
	{/snippet}
	{#snippet acts()}
		<button class="action" onclick={print} disabled={drawn < scenes.length}>Print</button>
		<button class="quiet" onclick={another}>Another twelve</button>
		<button class="quiet" aria-pressed={answers} onclick={() => (answers = !answers)}>Answers</button>
	{/snippet}
	{#snippet says()}
		<p class="soft" role="status">
			{#if failed > 0}Some scenes couldn’t be drawn: ask for another twelve.
			{:else if drawn < scenes.length}Drawing the scenes: {drawn} of {scenes.length} …
			{:else}All twelve are drawn.{/if}
		</p>
	{/snippet}
	<ol class="scenes" aria-label="Scenes">
		{#each scenes as printed (printed.scene)}
			<li>
				<canvas width="600" height="400" aria-label={sceneInWords(printed.scene)} use:draws={printed}
				></canvas>
			</li>
		{/each}
	</ol>
	<section class="answers" class:shown={answers} aria-label="Answers">
		<h2>Answers</h2>
		<ol>
			{#each scenes as { skill, scene } (scene)}
				<li class="figures">{answerInWords(skill, evOfScene(scene))}</li>
			{/each}
		</ol>
		<p class="soft small">EV at ISO 100 of light on the person. Drawn scenes: practise on real ones, too.</p>
	</section>
</PaperPage>

<style>
	.scenes {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(15rem, 100%), 1fr));
		gap: 0.75rem;
		list-style: none;
		counter-reset: scene;
	}
	.scenes li {
		position: relative;
		counter-increment: scene;
	}
	/* The number stands under its picture: on it, it would be grey on grey somewhere. */
	.scenes li::after {
		content: counter(scene);
		font-weight: var(--heavy);
	}
	canvas {
		display: block;
		width: 100%;
		aspect-ratio: 3 / 2;
		background: var(--hollow);
	}
	.answers {
		display: none;
		padding-top: 1rem;
	}
	.answers.shown {
		display: block;
	}
	.answers ol {
		list-style: decimal inside;
		padding-block: 0.5rem;
	}
	.answers li {
		padding-block: 0.2rem;
	}
	@media print {
		.scenes {
			grid-template-columns: repeat(3, 1fr);
			gap: 4mm;
		}
		.answers {
			display: block;
			break-before: page;
			padding: 0;
		}
	}
</style>
