<!-- The outings that are kept: which are to come, which are on, which have been. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { localTime, zoneAt } from '$core/light';
	import { framesInWords } from '$words';
	import { dateInWords } from '$words';
	import type { OutingRecord } from '$contract/records';
	import PlanNav from '$lib/plan/PlanNav.svelte';
	import { create, keptInWords, remove, replace, type Kept } from '$lib/records/client';
	import { isOn } from '$lib/shoot/shots-of';
	import { refresh } from '$lib/records/refresh';

	let { outings }: { outings: Kept<OutingRecord>[] } = $props();

	let says = $state('');
	let undo = $state.raw<(() => Promise<void>) | null>(null);

	const todayThere = ({ where }: OutingRecord) =>
		localTime(Date.now(), zoneAt(where.latitude, where.longitude)).date;
	const groups = $derived(
		[
			{ title: 'To come', outings: outings.filter((each) => each.date >= todayThere(each)).toReversed() },
			{ title: 'Been', outings: outings.filter((each) => each.date < todayThere(each)) }
		].filter((group) => group.outings.length > 0)
	);
	const frames = ({ scenes }: OutingRecord) => scenes.reduce((sum, scene) => sum + scene.frames, 0);
	const UNREACHABLE = 'Not saved: the server isn’t answering. Nothing was changed.';

	async function say(words: string, back: (() => Promise<void>) | null = null) {
		await refresh();
		[says, undo] = [words, back];
	}

	async function takeAlong(outing: Kept<OutingRecord>, along: boolean) {
		const written = await replace('outings', { ...outing, along });
		if (written.result === 'saved')
			await say(along ? `${outing.name} is on Shoot.` : `${outing.name} is off Shoot.`);
		else
			await say(
				written.result === 'stale' ? 'It was changed elsewhere; here is how it is now.' : UNREACHABLE
			);
	}

	async function erase(outing: Kept<OutingRecord>) {
		const removed = await remove('outings', outing);
		if (removed.result !== 'saved') return say(keptInWords(removed));
		const { id, version: _, ...record } = $state.snapshot(outing) as Kept<OutingRecord>;
		await say(`${outing.name} is deleted; its frames stay.`, async () => {
			const back = await create('outings', id, record);
			await say(back.result === 'saved' ? `${outing.name} is back.` : UNREACHABLE);
		});
	}
</script>

<svelte:head><title>Outings · Just Enough</title></svelte:head>
<div class="page">
	<h1>Outings</h1>
	<PlanNav here="outings" />
	<p class="new">
		<a class="action" href={resolve('/plan/outings/new')}>Plan an outing</a>
		{#if outings.length > 0}<a class="plain-link" href={resolve('/api/outings.ics')}
				>Subscribe to all as a calendar</a
			>{/if}
	</p>
	<div role="status">
		{#if says}<p>
				{says}
				{#if undo}<button class="plain-link" onclick={() => undo?.()}>Undo</button>{/if}
			</p>{/if}
	</div>
	{#if groups.length === 0}
		<p class="soft">
			An outing is a list of pictures with their hours: “19:40, lanterns on the slip, four frames, 4 to 10 s”.
			It tells you what to carry, comes along on Shoot, and goes into your calendar.
		</p>
	{/if}
	{#each groups as { title, outings: shown } (title)}
		<h2>{title}</h2>
		<ul>
			{#each shown as outing (outing.id)}
				{@const on = isOn(outing, Date.now())}
				<li>
					<div>
						<a class="name" href={resolve(`/plan/outings/${outing.id}`)}>{outing.name}</a>
						<p class="soft">
							{dateInWords(outing.date)}{outing.where.name ? ` · ${outing.where.name}` : ''} · {outing.scenes
								.length === 1
								? 'one scene'
								: `${outing.scenes.length} scenes`}, {framesInWords(frames(outing))}
						</p>
					</div>
					<div class="buttons">
						<button class="quiet" onclick={() => takeAlong(outing, !on)}
							>{on ? 'Take it off Shoot' : 'Take it to Shoot'}<span class="sr-only">: {outing.name}</span
							></button
						>
						<a class="quiet" href={resolve(`/api/outings/${outing.id}/calendar.ics`)} download
							>Calendar file<span class="sr-only">: {outing.name}</span></a
						>
						<a class="quiet" href={resolve(`/plan/outings/${outing.id}/sheet`)}
							>Sheet<span class="sr-only">: {outing.name}</span></a
						>
						<button class="quiet" onclick={() => erase(outing)}
							>Delete<span class="sr-only">: {outing.name}</span></button
						>
					</div>
				</li>
			{/each}
		</ul>
	{/each}
</div>

<style>
	.new {
		padding-block: 1rem 0.5rem;
	}
	h2 {
		padding-top: 1rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 0.5rem 1.5rem;
		padding-block: 0.6rem;
		border-top: 1px solid var(--line);
	}
	.name {
		display: inline-flex;
		align-items: center;
		min-height: min(2.75rem, 44px);
		font-weight: var(--heavy);
		font-size: 1.125rem;
	}
	.buttons {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
	}
</style>
