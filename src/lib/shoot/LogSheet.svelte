<!-- What is said of the next frame when there is a moment: its list, its subject, and where the counter stands. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { automaticExposure, checklistOf, wheelPositions } from '$core/camera';
	import { wheelInWords } from '$words';
	import type { FrameRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import { plainNumber } from '$lib/forms/quantity';
	import Sheet from '$lib/parts/Sheet.svelte';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';

	interface Props {
		shoot: ShootState;
		chosen: Loaded;
		/** What else can be logged. */
		children?: Snippet;
		onclose: () => void;
	}
	let { shoot, chosen, children, onclose }: Props = $props();

	const { logging } = $derived(shoot);
	const draft = $derived(logging.draftOf(chosen.id));
	const steps = $derived(checklistOf(chosen.camera, chosen.film).frame);
	const ticked = $derived(draft.ticked ?? []);
	const counter = $derived(
		chosen.load.counter === 'down' ? chosen.load.frames - chosen.next + 1 : chosen.next
	);
	let shown = $state('');
	const last = $derived.by((): Kept<FrameRecord> | null => {
		const frame = chosen.frames.at(-1);
		return frame?.version === undefined ? null : (frame as Kept<FrameRecord>);
	});
	const wheel = $derived(wheelPositions(automaticExposure(chosen.camera)?.compensation));

	const tick = (step: string, on: boolean) =>
		logging.setDraft(chosen.id, {
			ticked: on ? [...ticked, step] : ticked.filter((each) => each !== step)
		});

	async function setCounter(event: SubmitEvent) {
		event.preventDefault();
		await logging.counterSays(chosen, Number(plainNumber.parse(shown)));
		shown = '';
	}
</script>

<Sheet title="Frame {chosen.next} of {chosen.camera.name}" {onclose}>
	{#if children}
		<div class="several" onclickcapture={onclose}>{@render children()}</div>
	{/if}
	{#if steps.length > 0}
		<fieldset>
			<legend>Before you press</legend>
			{#each steps as step (step)}
				<label class="tick-box">
					<input
						type="checkbox"
						checked={ticked.includes(step)}
						onchange={(event) => tick(step, event.currentTarget.checked)}
					/>
					{step}
				</label>
			{/each}
		</fieldset>
	{/if}
	<label class="line">
		<span>What is in it</span>
		<input
			type="text"
			maxlength="200"
			value={draft.subject ?? ''}
			oninput={(event) => logging.setDraft(chosen.id, { subject: event.currentTarget.value })}
		/>
		<span class="soft small">Goes with the next frame you log.</span>
	</label>
	{#if last && wheel.length > 1 && last.settings.compensation !== null}
		<ChoiceField
			label="At frame {last.number} the wheel was at"
			value={String(last.settings.compensation)}
			options={wheel.map((place) => ({ value: String(place), name: wheelInWords(place) }))}
			onchange={(place) => logging.wheelWas(last, Number(place))}
		/>
	{/if}
	{#if last && chosen.secondsLeft === null}
		<p class="again">
			<span>
				Frame {last.number}: {last.exposures && last.exposures > 1
					? `${last.exposures} exposures`
					: 'one exposure'}
			</span>
			<button class="quiet" onclick={() => logging.exposedTimes(last, (last.exposures ?? 1) + 1)}>
				One more on it
			</button>
			{#if last.exposures && last.exposures > 1}
				<button class="quiet" onclick={() => logging.exposedTimes(last, last.exposures! - 1)}>One less</button
				>
			{/if}
		</p>
	{/if}
	{#if chosen.secondsLeft === null}
		<form class="counter" onsubmit={setCounter}>
			<label class="line">
				<span>My counter says</span>
				<input type="text" inputmode="numeric" placeholder={String(counter)} bind:value={shown} />
			</label>
			<button class="quiet">Set it</button>
			<p class="soft small">
				Here it would read {counter}{chosen.load.counter === 'down' ? ', counting down' : ''}. Frames in
				between are logged as taken, with nothing noted.
			</p>
		</form>
	{/if}
	{#if logging.counterWasSet(chosen.id)}
		<p role="status">
			The counter is set.
			<button class="plain-link" onclick={() => logging.counterBack(chosen)}>Undo</button>
		</p>
	{/if}
	{#if logging.problem}<p role="alert">{logging.problem}</p>{/if}
	<button class="action" onclick={onclose}>Back to the light</button>
</Sheet>

<style>
	.several {
		display: grid;
		gap: 0.35rem;
	}
	.several:empty {
		display: none;
	}
	.line {
		display: grid;
		gap: 0.2rem;
	}
	input[type='text'] {
		min-height: 2.75rem;
		padding: 0 0.6rem;
		background: var(--panel);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
	}
	.again {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.35rem 0.75rem;
	}
	.counter {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.35rem 0.75rem;
		align-items: end;
	}
	.counter p {
		grid-column: 1 / -1;
	}
</style>
