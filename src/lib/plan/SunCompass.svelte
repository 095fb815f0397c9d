<!-- Where the sun stands to the subject at one time: in words and on a small compass. -->
<script lang="ts">
	import { sunPosition } from '$core/light';
	import { sunOnSubjectInWords } from '$words';

	interface Props {
		place: { latitude: number; longitude: number };
		at: string;
		/** Where the subject looks, degrees from north through east; undefined where that is not said. */
		facing: number | undefined;
	}
	let { place, at, facing }: Props = $props();

	const sun = $derived(sunPosition(Date.parse(at), place.latitude, place.longitude));
	const up = $derived(sun.altitude > 0);
</script>

<div class="sun-compass">
	<svg viewBox="-50 -50 100 100" aria-hidden="true">
		<circle r="38" class="ring" />
		{#each [0, 90, 180, 270] as mark (mark)}<line
				y1="-38"
				y2="-33"
				class="ring"
				transform="rotate({mark})"
			/>{/each}
		<text y="-41" text-anchor="middle">N</text>
		{#if facing !== undefined}
			<g transform="rotate({facing})"><path class="subject" d="M0 -27 L9 8 L0 2 L-9 8 Z" /></g>
		{/if}
		<g transform="rotate({sun.azimuth})">
			<circle class="sun" class:down={!up} cy="-38" r="7" />
		</g>
	</svg>
	<p class="small">{sunOnSubjectInWords(sun, facing)}</p>
</div>

<style>
	.sun-compass {
		display: flex;
		align-items: center;
		gap: 0.75rem;
	}
	svg {
		flex: none;
		width: 5rem;
		height: 5rem;
		overflow: visible;
	}
	.ring {
		fill: none;
		stroke: var(--ink-soft);
		stroke-width: 1.5;
	}
	text {
		font-size: 11px;
		fill: var(--ink);
	}
	.subject {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
		stroke-linejoin: round;
	}
	.sun {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.down {
		fill: var(--paper);
	}
</style>
