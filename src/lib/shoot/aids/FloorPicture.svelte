<!-- The studio from above, to scale: camera, subject, lamps, background, and what to tape. -->
<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { FloorMark, FloorPlan } from '$core/studio';
	import { FOOT, formatDistance, measures } from '$core/units';

	let { plan, marks, label }: { plan: FloorPlan; marks: readonly FloorMark[]; label: string } = $props();

	const [WIDTH, HEIGHT, EDGE] = [420, 420, 34];
	const spots = $derived([
		plan.subject,
		plan.camera,
		plan.key,
		...(plan.fill ? [plan.fill] : []),
		...(plan.background ?? [])
	]);
	/** Half of what is shown, m: everything, and a square of it. */
	const half = $derived(Math.max(1, ...spots.flatMap(({ x, y }) => [Math.abs(x), Math.abs(y)])) * 1.05);
	const x = $derived(scaleLinear([-half, half], [EDGE, WIDTH - EDGE]));
	const y = $derived(scaleLinear([-half, half], [HEIGHT - EDGE, EDGE]));
	const metre = $derived(x(1) - x(0));
	/** Between two lines, m: a round length to the reader. */
	const step = $derived(
		measures().length === 'ft'
			? FOOT * (half > 4 ? 6 : half > 1.5 ? 3 : 1)
			: half > 4
				? 2
				: half > 1.5
					? 1
					: 0.5
	);
	const lines = $derived.by(() => {
		const most = Math.floor(half / step);
		return Array.from({ length: 2 * most + 1 }, (_, at) => (at - most) * step);
	});

	const angle = $derived(Math.atan2(plan.key.x, -plan.key.y));
	/** A piece of tape across the lamp's way, half as long, px, and at most so far round. */
	const [TAPE, MOST] = [16, 0.7];
	const arc = (distance: number) => {
		const half = Math.min(MOST, TAPE / (distance * metre));
		const at = (turn: number) =>
			`${x(distance * Math.sin(angle + turn))} ${y(-distance * Math.cos(angle + turn))}`;
		const radius = distance * metre;
		return `M${at(-half)}A${radius} ${radius} 0 0 0 ${at(half)}`;
	};
	const shown = $derived(marks.filter(({ distance }) => distance < half * 1.2));
</script>

{#snippet lamp(spot: { x: number; y: number }, name: string)}
	<g transform="translate({x(spot.x)} {y(spot.y)})">
		<circle class="lamp" r="9" />
		<path class="lamp" d="M-4 -4L4 4M-4 4L4 -4" />
		<text y="-14">{name}</text>
	</g>
{/snippet}

<svg viewBox="0 0 {WIDTH} {HEIGHT}" role="img" aria-label={label}>
	{#each lines as at (at)}
		<path class="grid" d="M{x(at)} {EDGE}V{HEIGHT - EDGE}M{EDGE} {y(at)}H{WIDTH - EDGE}" />
	{/each}
	<path class="way" d="M{x(plan.key.x)} {y(plan.key.y)}L{x(0)} {y(0)}" />
	<path class="way" d="M{x(plan.camera.x)} {y(plan.camera.y)}L{x(0)} {y(0)}" />
	{#each shown as { distance, kind } (kind)}
		<path class="tape" class:middle={kind === 'middle'} d={arc(distance)} />
	{/each}
	{#if plan.background}
		<path
			class="wall"
			d="M{x(plan.background[0].x)} {y(plan.background[0].y)}L{x(plan.background[1].x)} {y(
				plan.background[1].y
			)}"
		/>
		<text x={x(0)} y={y(plan.background[0].y) - 8}>background</text>
	{/if}
	<circle class="subject" cx={x(0)} cy={y(0)} r="10" />
	<text x={x(0)} y={y(0) - 16}>subject</text>
	<path
		class="camera"
		transform="translate({x(plan.camera.x)} {y(plan.camera.y)})"
		d="M-12 -6h7l3 -6h4l3 6h7v14h-24z"
	/>
	<text x={x(plan.camera.x)} y={y(plan.camera.y) + 24}>camera</text>
	{@render lamp(plan.key, 'lamp')}
	{#if plan.fill}{@render lamp(plan.fill, 'fill')}{/if}
	<path class="scale" d="M{EDGE} {HEIGHT - 10}h{metre * step}" />
	<text class="left" x={EDGE} y={HEIGHT - 16}>{formatDistance(step)}</text>
</svg>

<style>
	svg {
		width: 100%;
		max-width: 30rem;
		max-height: 60vh;
	}
	text {
		fill: var(--ink);
		font-size: 14px;
		text-anchor: middle;
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
	.left {
		text-anchor: start;
	}
	.grid {
		fill: none;
		stroke: var(--line);
	}
	.way {
		fill: none;
		stroke: var(--edge);
		stroke-dasharray: 3 4;
	}
	.tape {
		fill: none;
		stroke: var(--edge);
		stroke-width: 4;
	}
	.tape.middle {
		stroke: var(--bar);
		stroke-width: 7;
	}
	.wall {
		stroke: var(--ink);
		stroke-width: 4;
	}
	.subject {
		fill: var(--ink);
	}
	.camera {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.lamp {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.scale {
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
