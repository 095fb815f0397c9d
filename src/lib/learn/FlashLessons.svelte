<!-- What judged frames teach of each flash, and its number put right by them. -->
<script lang="ts">
	import { formatGuideNumber } from '$core/units';
	import type { FlashLearnt } from '$core/learn';
	import { flashLearntInWords, tellsSomething } from '$words';
	import type { CameraRecord, GearRecord } from '$contract/records';
	import { replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';

	type FlashRecord = Extract<GearRecord, { type: 'flash' }>;
	interface Lesson {
		name: string;
		guideNumber: number;
		learnt: FlashLearnt;
		owner: { kind: 'gear'; record: Kept<FlashRecord> } | { kind: 'cameras'; record: Kept<CameraRecord> };
	}
	let { flashes }: { flashes: readonly Lesson[] } = $props();

	let message = $state('');
	let undo = $state.raw<(() => Promise<void>) | null>(null);
	const shown = (guideNumber: number) => Number(guideNumber.toPrecision(3));

	function write({ owner }: Lesson, guideNumber: number) {
		if (owner.kind === 'gear') return replace('gear', { ...owner.record, guideNumber });
		const { record } = owner;
		return replace('cameras', { ...record, flash: { ...record.flash!, guideNumber } });
	}

	async function use(lesson: Lesson, guideNumber: number) {
		const written = await write(lesson, guideNumber);
		const saved = written.result === 'saved';
		message = saved
			? `${lesson.name} has guide number ${formatGuideNumber(guideNumber)} now.`
			: written.result === 'stale'
				? 'It was changed elsewhere; here is how it is now.'
				: 'Not saved: the server isn’t answering.';
		undo = null;
		await refresh();
		if (!saved) return;
		undo = async () => {
			const now = flashes.find(({ name }) => name === lesson.name);
			if (now) await use(now, lesson.guideNumber);
			undo = null;
		};
	}
</script>

<section aria-labelledby="flashes-title">
	<h2 id="flashes-title">Your flashes</h2>
	{#if flashes.length === 0}
		<p class="soft">Judge frames logged with flash and a distance, and they’ll show its real guide number.</p>
	{/if}
	<ul>
		{#each flashes as lesson (lesson.name)}
			<li>
				<span>{flashLearntInWords(lesson.name, lesson.guideNumber, lesson.learnt)}</span>
				{#if tellsSomething(lesson.learnt)}
					<button class="quiet" onclick={() => use(lesson, shown(lesson.learnt.guideNumber))}
						>Use guide number {formatGuideNumber(lesson.learnt.guideNumber)}</button
					>
				{/if}
			</li>
		{/each}
	</ul>
	<p role="status">
		{message}
		{#if undo}<button class="plain-link" onclick={undo}>Undo</button>{/if}
	</p>
</section>

<style>
	section {
		padding-top: 1rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
	}
</style>
