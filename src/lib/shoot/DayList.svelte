<!-- The day's list: the next scene and its plan, what is spent of its frames, and the others behind it. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { formatClock } from '$core/units';
	import { needsInWords, plannedInWords } from '$words';
	import type { ShootState } from './shoot-state.svelte';
	import type { Shot } from './shots-of';

	let { shoot }: { shoot: ShootState } = $props();

	const { list } = $derived(shoot);
	const shown = $derived(list.taking ?? list.next);
	let open = $state(false);
	/** What the scene was packed with and is not loaded. */
	const missing = $derived(shown?.plan && !shoot.loadFor(shown) ? shown.plan : null);

	const leftOf = ({ spent, scene }: Shot) =>
		spent >= scene.frames ? `all ${scene.frames} taken` : `${spent} of ${scene.frames} taken`;
	const planOf = ({ plan, scene }: Shot) =>
		plan ? plannedInWords(plan, scene.take?.handheld !== false) : 'not packed: any camera that works';

	function take(shot: Shot) {
		shoot.takeUp(shot);
		open = false;
	}
</script>

{#if list.shots.length > 0}
	<div class="day-list">
		<div class="line">
			{#if shown}
				<div class="now">
					<p>
						<span class="soft">{list.taking ? 'For' : 'Next'}</span>
						<span class="figures">{formatClock(shown.scene.at)}</span>
						<strong>{shown.scene.name}</strong>
						<span class="soft small figures">{leftOf(shown)}</span>
					</p>
					{#if !shoot.line.narrow}<p class="small">{planOf(shown)}</p>{/if}
					{#if missing && (!shoot.line.narrow || list.taking)}
						<p class="small">
							<a
								class="plain-link"
								href={resolve(`/bag/load?camera=${missing.camera.id}&film=${missing.film.id}`)}
								>Load {missing.film.name} in {missing.camera.name} first</a
							>
						</p>
					{/if}
				</div>
				{#if list.taking}
					<button class="quiet" onclick={() => list.take(null)}>Cancel</button>
				{:else}
					<button class="quiet" onclick={() => take(shown)}>{shoot.line.narrow ? 'Set' : 'Set for it'}</button
					>
				{/if}
			{:else}
				<p class="now">All scenes of {list.shots[0].outing.name} are done.</p>
			{/if}
			<button class="quiet" aria-expanded={open} onclick={() => (open = !open)}
				>{open ? 'Close' : 'Scenes'}</button
			>
		</div>
		{#if open}
			<ol>
				{#each list.shots as shot (shot.scene.id)}
					<li class:done={shot.spent >= shot.scene.frames}>
						<div>
							<p>
								<span class="figures">{formatClock(shot.scene.at)}</span> <strong>{shot.scene.name}</strong>
								<span class="soft small figures">{leftOf(shot)}</span>
							</p>
							<p class="small soft">
								{planOf(shot)}{needsInWords(shot.scene) ? ` · wanted: ${needsInWords(shot.scene)}` : ''}
							</p>
						</div>
						<button class="quiet" onclick={() => take(shot)}
							>Set for it<span class="sr-only">: {shot.scene.name}</span></button
						>
					</li>
				{/each}
			</ol>
		{/if}
	</div>
{/if}

<style>
	.day-list {
		border-bottom: 1px solid var(--line);
		padding-bottom: 0.4rem;
	}
	.line,
	li {
		display: flex;
		align-items: center;
		gap: 0.5rem;
	}
	.now,
	li > div {
		flex: 1;
		min-width: 0;
	}
	.quiet {
		white-space: nowrap;
		padding-inline: 0.6rem;
	}
	@media (max-width: 820px), (max-height: 500px) {
		.day-list {
			padding-inline: 0.9rem;
		}
		.now > p:first-child {
			white-space: nowrap;
			overflow: hidden;
			text-overflow: ellipsis;
		}
	}
	ol {
		max-height: 18rem;
		overflow-y: auto;
	}
	li {
		border-top: 1px solid var(--line);
		padding-block: 0.3rem;
	}
	.done strong {
		text-decoration: line-through;
	}
</style>
