<!-- What a load was: the head of a contact sheet, and a sleeve's label. -->
<script lang="ts">
	import { page } from '$app/state';
	import { filmTypeName, developedInWords, processInWords } from '$core/words';
	import { runningNumber } from '$contract/loads';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
	import { dayInWords } from '$lib/parts/moment';

	interface Props {
		load: LoadRecord;
		camera: CameraRecord;
		film: FilmRecord;
		frames: FrameRecord[];
	}
	let { load, camera, film, frames }: Props = $props();

	const { locale } = $derived(page.data);
	const days = $derived([
		...new Set(frames.map(({ takenAt, zone }) => dayInWords(takenAt, { zone, locale })))
	]);
	const when = $derived(
		days.length === 0
			? dayInWords(load.loadedAt, { locale })
			: [days[0], ...days.slice(1).slice(-1)].join(' to ')
	);
	const places = $derived([...new Set(frames.flatMap(({ where }) => where?.name ?? []))]);
	const numbers = $derived.by(() => {
		const [first, last] = [frames.at(0), frames.at(-1)].map(
			(frame) => frame && runningNumber(load, frame.number)
		);
		return first === undefined ? null : first === last ? `no. ${first}` : `no. ${first} to ${last}`;
	});
</script>

<h2>{camera.name}, {film.name}</h2>
<p>
	{[when, ...places, numbers, `${frames.length} of ${load.frames} frames`].filter(Boolean).join(' · ')}
</p>
<p>
	ISO {film.iso}, {filmTypeName[film.type]}{load.developed
		? `. ${developedInWords(load.developed)}`
		: load.process
			? `, ${processInWords(load.process)}.`
			: '.'}
	{load.note ?? ''}
</p>
