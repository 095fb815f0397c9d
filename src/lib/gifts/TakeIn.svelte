<!-- A camera that was given is looked at, and taken in. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import type { CameraRecord } from '$contract/records';
	import { counted, learntInWords } from '$words';
	import { cameraInShort } from '$words/camera';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import DropFiles from '$lib/parts/DropFiles.svelte';
	import { onLaunched } from '$lib/parts/launched';
	import Moment from '$lib/parts/Moment.svelte';
	import type { Kept } from '$lib/records/client';
	import { GiftDesk } from './gift-desk.svelte';

	let { cameras }: { cameras: Kept<CameraRecord>[] } = $props();

	const desk = new GiftDesk(() => cameras);
	onMount(() => onLaunched((file) => desk.readFile(file)));
</script>

<svelte:head><title>Add a shared camera · Just Enough</title></svelte:head>
<div class="page stack">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>Add a shared camera</h1>
	<DropFiles
		label="Drop a .camera.json here, or choose it"
		hint="You’ll see what’s in it before anything is added."
		accept=".json,application/json"
		disabled={desk.busy}
		onfiles={([file]) => desk.readFile(file)}
	/>
	<Field label="Or paste the text of its QR code">
		{#snippet control(attributes)}
			<textarea
				{...attributes}
				rows="2"
				autocomplete="off"
				spellcheck="false"
				oninput={(event) => event.currentTarget.value.trim() !== '' && desk.read(event.currentTarget.value)}
			></textarea>
		{/snippet}
	</Field>
	<div role="status">
		{#if desk.problem}<p class="notice">{desk.problem}</p>{/if}
		{#if desk.taken}
			<p class="notice">
				<a class="plain-link" href={resolve(`/bag/camera/${desk.taken.id}`)}>{desk.taken.name}</a> is in your bag.
			</p>
		{/if}
	</div>
	{#if desk.gift}
		{@const { gift } = desk}
		<section class="stack" aria-labelledby="gift">
			<h2 id="gift">{gift.camera.name}</h2>
			<p>{cameraInShort(gift.camera)}</p>
			<p class="soft">
				As it was known <Moment at={gift.made} />{gift.measurements.length > 0
					? `, with ${counted(gift.measurements.length, 'one measurement', '# measurements')}`
					: ''}.
			</p>
			{#if desk.start}
				<ChoiceField
					label="Which camera is it?"
					hint="No two are quite alike; what one taught says less about another."
					value={desk.another ? 'another' : 'same'}
					options={[
						{ value: 'same', name: 'this very camera' },
						{ value: 'another', name: 'another one of its kind' }
					]}
					onchange={(which) => (desk.another = which === 'another')}
				/>
				<p>
					{gift.frames > 0
						? learntInWords(gift.camera, { ...desk.start, frames: gift.frames })
						: 'Its exposure was measured.'} Learning starts from there.
				</p>
			{/if}
			{#if desk.like.length > 0}
				<ChoiceField
					label="Add it as"
					value={desk.into}
					options={[
						...desk.like.map(({ id, name }) => ({ value: id, name: `${name}, which I have: update it` })),
						{ value: 'new', name: 'a new camera' }
					]}
					onchange={(into) => (desk.into = into)}
				/>
			{/if}
			{#if desk.changes?.length === 0}
				<p><strong>Mine is already the same.</strong></p>
			{:else if desk.changes}
				<div class="table-box">
					<table class="rows">
						<thead>
							<tr><th scope="col">What</th><th scope="col">Mine now</th><th scope="col">After it</th></tr>
						</thead>
						<tbody>
							{#each desk.changes as { what, mine, theirs } (what)}
								<tr><th scope="row">{what}</th><td>{mine}</td><td>{theirs}</td></tr>
							{/each}
						</tbody>
					</table>
				</div>
			{/if}
			<p class="buttons">
				{#if desk.changes?.length !== 0}
					<button class="action" disabled={desk.busy} onclick={() => desk.take()}
						>{desk.changes ? 'Update mine' : 'Add it'}</button
					>
				{/if}
				<button class="quiet" onclick={() => (desk.gift = null)}>Cancel</button>
			</p>
		</section>
	{/if}
</div>

<style>
	.buttons {
		display: flex;
		gap: 0.75rem;
	}
</style>
