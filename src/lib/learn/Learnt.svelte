<!-- What judged frames have taught: of each camera, and of the person's own eye. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import type { ComponentProps } from 'svelte';
	import FramesNav from '$lib/frames/FramesNav.svelte';
	import FlashLessons from './FlashLessons.svelte';
	import HabitLessons from './HabitLessons.svelte';
	import KnownFacts from './KnownFacts.svelte';
	import type { HabitLesson, Lesson } from './lesson';
	import LessonOf from './LessonOf.svelte';

	interface Props extends ComponentProps<typeof FlashLessons>, ComponentProps<typeof KnownFacts> {
		lessons: Lesson[];
		habits: HabitLesson[];
	}
	let { lessons, habits, flashes, cameras, films }: Props = $props();
</script>

<svelte:head><title>What your frames taught · Just Enough</title></svelte:head>
<div class="page">
	<h1>Frames</h1>
	<FramesNav here="learnt" />
	{#if lessons.length === 0}
		<p class="soft">
			Nothing yet. Judge a few frames, and you’ll see here what your camera really does: “gives ½ stop less
			than its eye says, give or take ⅓, from 5 frames. Set the wheel one click to lighten.”
		</p>
		<p><a class="action" href={resolve('/frames')}>To the frames</a></p>
	{:else}
		<ul class="lessons">
			{#each lessons as lesson (lesson.camera.id)}<li><LessonOf {lesson} /></li>{/each}
		</ul>
		<HabitLessons {habits} />
		<FlashLessons {flashes} />
	{/if}
	<KnownFacts {cameras} {films} />
</div>

<style>
	.lessons > li {
		border-bottom: 1px solid var(--line);
		padding-block: 1rem;
	}
</style>
