<!-- The handle of the light: on the desk it hangs on the line, on the phone it is a geared strip. -->
<script lang="ts">
	import { formatDoubt, formatEv } from '$core/units';
	import { lightInWords, verdictInShort } from '$words';
	import { wholeLine } from '$lib/light/line';
	import { dragsStops, slideByKey, type StopsDrag } from './drag';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, form }: { shoot: ShootState; form: 'pill' | 'strip' } = $props();

	/** Pixels of the strip for a stop: slower than the line, so that a thumb finds thirds. */
	const STRIP_PIXELS = 44;

	const ev = $derived(shoot.lights.resolved?.ev);
	const sd = $derived(shoot.lights.resolved?.sd ?? 0);
	const place = $derived(ev === undefined ? 50 : shoot.line.axis.at(ev));
	const answer = $derived.by(() => {
		const { chosen, outcome } = shoot.answers;
		return chosen && outcome ? `; ${chosen.camera.name}: ${verdictInShort(outcome)}` : '';
	});
	const words = $derived(
		ev === undefined ? 'not read yet' : `${lightInWords(ev, sd)}, ${shoot.lights.face.wordsAt(ev)}${answer}`
	);

	/** The quantity that is dragged, where it is one: metres, or the clock. */
	const quantity = $derived(
		ev !== undefined && shoot.lights.face.quantity ? `${shoot.lights.face.wordsAt(ev)} · ` : ''
	);

	const lineWidth = (element: HTMLElement) => element.parentElement!.getBoundingClientRect().width;
	const drag = (): StopsDrag => ({
		start: () => ev ?? nearestToMiddle(),
		gear: (element) =>
			form === 'strip' ? 1 / STRIP_PIXELS : (shoot.line.axis.to - shoot.line.axis.from) / lineWidth(element),
		move: (to) => shoot.tryLight(to)
	});
	const nearestToMiddle = () => (shoot.line.axis.from + shoot.line.axis.to) / 2;
</script>

<div
	class={form}
	class:unread={ev === undefined}
	style:left={form === 'pill' ? `${place}%` : undefined}
	role="slider"
	tabindex="0"
	aria-label="Light on the subject, EV"
	aria-valuemin={wholeLine[0]}
	aria-valuemax={wholeLine[1]}
	aria-valuenow={ev ?? 12}
	aria-valuetext={words}
	onkeydown={(event) => slideByKey(event, (stops) => shoot.moveLight(stops))}
	{@attach dragsStops(drag)}
>
	{#if form === 'strip'}
		<span class="grooves" style:background-position-x="{(ev ?? 0) * -STRIP_PIXELS}px"></span>
		<span class="strip-words figures"
			>◂ {ev === undefined ? 'drag to try a light' : `${quantity}EV ${formatEv(ev)}, ± ${formatDoubt(sd)}`} ▸</span
		>
	{:else}
		<span class="figures"
			>{ev === undefined
				? 'drag me to the light'
				: `${quantity}about ${formatEv(ev)}, ± ${formatDoubt(sd)}`}</span
		>
	{/if}
</div>

<style>
	.pill,
	.strip {
		touch-action: none;
		user-select: none;
		cursor: ew-resize;
		font-weight: var(--heavy);
		pointer-events: auto;
	}
	.pill {
		position: absolute;
		transform: translateX(-50%);
		background: var(--ink);
		color: var(--paper);
		min-height: 2.75rem;
		display: grid;
		place-items: center;
		padding: 0 1rem;
		border-radius: var(--radius-base);
		white-space: nowrap;
	}
	.pill.unread {
		background: var(--paper);
		color: var(--ink);
		outline: 2px dashed var(--ink);
	}
	:global([data-theme='dark']) .pill {
		background: var(--paper);
		color: var(--ink);
		border: 2px solid var(--ink);
	}
	.strip {
		position: relative;
		height: 2.75rem;
		border-block: 1px solid var(--edge);
		display: grid;
		place-items: center;
		overflow: hidden;
		background: var(--paper);
	}
	.grooves {
		position: absolute;
		inset: 0;
		background-image: repeating-linear-gradient(to right, var(--edge) 0 1px, transparent 1px calc(44px / 3));
		background-size: 44px 100%;
		opacity: 0.55;
	}
	.strip-words {
		position: relative;
		background: var(--paper);
		padding: 0.125rem 0.75rem;
	}
</style>
