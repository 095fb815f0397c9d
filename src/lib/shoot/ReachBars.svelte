<!-- The light in which something works, on the line of stops: good is filled, usable is hatched. -->
<script lang="ts">
	import type { Interval } from '$core/match';
	import type { Axis } from './axis';

	interface Props {
		axis: Axis;
		good: readonly Interval[];
		usable: readonly Interval[];
		/** Pale for what is not taken, hollow for what cannot be. */
		tone?: 'full' | 'pale' | 'hollow';
	}
	let { axis, good, usable, tone = 'full' }: Props = $props();

	const visible = (intervals: readonly Interval[]) =>
		intervals.filter(([from, to]) => to > axis.from && from < axis.to);
</script>

{#each visible(usable) as [from, to] (from)}
	<span class="usable {tone}" style:left="{axis.at(from)}%" style:width="{axis.at(to) - axis.at(from)}%"
	></span>
{/each}
{#each visible(good) as [from, to] (from)}
	<span class="good {tone}" style:left="{axis.at(from)}%" style:width="{axis.at(to) - axis.at(from)}%"></span>
{/each}

<style>
	.good,
	.usable {
		position: absolute;
		inset-block: 0;
		border-radius: 3px;
	}
	.good {
		background: var(--bar);
	}
	.good.pale {
		background: color-mix(in srgb, var(--bar) 62%, var(--hollow));
	}
	.good.hollow {
		background: transparent;
	}
	.usable {
		border: 1.5px solid var(--bar);
		background: repeating-linear-gradient(
			-45deg,
			color-mix(in srgb, var(--bar) 38%, transparent) 0 1.5px,
			transparent 1.5px 6px
		);
	}
	.usable.hollow {
		border-style: dashed;
		background: none;
	}
</style>
