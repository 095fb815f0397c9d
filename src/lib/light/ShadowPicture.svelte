<!-- A post on the ground under a sky: its shadow is what one looks for. -->
<script lang="ts">
	import type { Scene } from './scenes';

	let { scene, small = false }: { scene: Scene; small?: boolean } = $props();
	const id = $props.id();

	const clouds = [
		[40, 9, 13, 5],
		[14, 13, 13, 5],
		[54, 15, 12, 4],
		[27, 6, 18, 4]
	];
	const ground = { plain: 34, pale: 6, shaded: 58 };
</script>

<svg
	viewBox="0 0 68 48"
	width={small ? 20 : 68}
	height={small ? 14 : 48}
	aria-hidden="true"
	style:--ground="{ground[scene.ground]}%"
>
	<defs>
		<filter id="{id}-blur" x="-50%" y="-50%" width="200%" height="200%">
			<feGaussianBlur stdDeviation={scene.shadow.blur} />
		</filter>
		<clipPath id="{id}-frame"><rect width="68" height="48" rx="4" /></clipPath>
	</defs>
	<g clip-path="url(#{id}-frame)">
		<rect class="sky" class:grey={scene.clouds === 4} width="68" height="28" />
		{#if scene.clouds < 3}
			<circle class="sun" cx="52" cy="9" r="4" />
		{/if}
		{#each clouds.slice(0, scene.clouds) as [x, y, rx, ry] (x)}
			<ellipse class="cloud" cx={x} cy={y} {rx} {ry} />
		{/each}
		<rect class="ground" y="28" width="68" height="20" />
		{#if scene.shadow.strength > 0}
			<path
				class="shadow"
				d="M35 35 L31.5 34 L2 41 L6 44.5z"
				opacity={scene.shadow.strength}
				filter={scene.shadow.blur > 0 ? `url(#${id}-blur)` : undefined}
			/>
		{/if}
		{#if scene.shelter === 'wall'}
			<path class="wall" d="M44 2h24v40L44 34z" />
		{:else if scene.shelter === 'tree'}
			<path class="wall" d="M0 0h68v9c-6 8-12 2-17 6s-11 4-17 0-11 5-18 0S4 14 0 15z" />
			<path class="wall" d="M55 8h6v32h-6z" />
		{/if}
		<path class="post" d="M31 11h4.5v24.5H31z" />
		<path class="post" d="M28 9h10.5v3.5H28z" />
	</g>
	<rect class="frame" x=".5" y=".5" width="67" height="47" rx="3.5" />
</svg>

<style>
	svg {
		flex: none;
	}
	.sky {
		fill: color-mix(in oklab, var(--panel) 90%, var(--ink));
	}
	.sky.grey {
		fill: color-mix(in oklab, var(--panel) 76%, var(--ink));
	}
	.sun {
		fill: var(--panel);
		stroke: var(--ink);
		stroke-width: 1.4;
	}
	.cloud {
		fill: color-mix(in oklab, var(--panel) 70%, var(--ink));
	}
	.ground {
		fill: color-mix(in oklab, var(--panel), var(--ink) var(--ground));
	}
	.shadow,
	.post {
		fill: var(--ink);
	}
	.wall {
		fill: color-mix(in oklab, var(--panel) 35%, var(--ink));
	}
	.frame {
		fill: none;
		stroke: var(--edge);
	}
</style>
