<script lang="ts">
	import '$lib/themes/app.css';
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { navigating, page } from '$app/state';
	import DisplaySwitch from '$lib/display/DisplaySwitch.svelte';
	import { everywhere } from '$lib/keys/everywhere';
	import { keepFocus } from '$lib/keys/focus-kept';
	import { listenTo } from '$lib/keys/keys';
	import { sheet } from '$lib/keys/sheet.svelte';
	import { fetchLater, later } from '$lib/parts/later';
	import Later from '$lib/parts/Later.svelte';
	import Mark from '$lib/parts/Mark.svelte';
	import { outbox } from '$lib/records/outbox.svelte';
	import { carry } from '$lib/records/carry.svelte';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import { server } from '$lib/records/reach.svelte';
	import { refresh } from '$lib/records/refresh';
	import { waiting } from '$lib/records/waiting.svelte';
	import Together from '$lib/together/Mark.svelte';
	import { update } from '$lib/together/update.svelte';
	import { counted } from '$words';

	let { data, children } = $props();

	const failedPart = later(() => import('$lib/parts/Failed.svelte'));
	const keySheet = later(() => import('$lib/keys/KeySheet.svelte'));
	const filesOfServer = later(() => import('$lib/together/FilesOfServer.svelte'));

	$effect(() => {
		void data.around.then((around) => around && ownSettings.take(around.settings ?? null));
	});

	/** Views that show what others change as they do; where something is typed, it is kept from what comes. */
	const live: readonly string[] = ['/', '/plan', '/bag', '/frames', '/frames/all', '/develop'];
	const showNews = () => void (live.includes(page.url.pathname) && refresh());

	// What waits in the browser is sent by whatever view is opened, and when there is a network again.
	onMount(() => {
		document.documentElement.dataset.mounted = '';
		const silence = listenTo(everywhere);
		const closing = [outbox.open(), carry.open(), carry.showNews(showNews), fetchLater(), keepFocus()];
		void update.watch();
		return () => {
			silence();
			for (const close of closing) close();
		};
	});
	const unsaved = $derived(waiting.all);
	/** A view that is opened while the server is away. */
	const waits = $derived(server.away && navigating.to !== null);

	const views = [
		{ path: '/', name: 'Shoot' },
		{ path: '/plan', name: 'Plan' },
		{ path: '/bag', name: 'Bag' },
		{ path: '/frames', name: 'Frames' },
		{ path: '/develop', name: 'Develop' },
		{ path: '/practice', name: 'Practice' }
	] as const;
	const isHere = (path: string) =>
		path === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(path);
</script>

<a class="skip" href="#main">To the main part</a>
<header>
	<a class="home figure" href={resolve('/')} aria-label="Just Enough, to Shoot"
		><Mark /> <span>just enough</span></a
	>
	<nav aria-label="Views">
		{#each views as view (view.path)}
			<a href={resolve(view.path)} aria-current={isHere(view.path) ? 'page' : undefined}
				>{view.name}{#if view.path === '/' && unsaved > 0}<span class="unsaved figures"
						><span aria-hidden="true">{unsaved}</span><span class="sr-only"
							>, {counted(unsaved, 'one entry', '# entries')} to be saved</span
						></span
					>{/if}</a
			>
		{/each}
	</nav>
	<DisplaySwitch />
</header>
{#if sheet.asked}<Later part={keySheet} given={{}} />{/if}
{#if server.away}<Later part={filesOfServer} given={{}} />{/if}
<Together locale={data.locale} {waits} crowded={page.url.pathname === '/'} />
{#if update.ready}<p class="away" role="status">
		A new version of the program is here.
		<button class="plain-link" onclick={() => update.take()}>Open it now</button>
	</p>{/if}
{#await data.around then around}
	{#if around?.backupFailed && !isHere('/settings')}<p class="away" role="status">
			The last backup failed. {around.backupFailed}
			<a class="plain-link" href={resolve('/settings')}>Settings</a>
		</p>{/if}
{/await}
<main id="main" tabindex="-1">
	<svelte:boundary onerror={(error) => console.error(error)}>
		{@render children()}
		{#snippet failed(error, reset)}<Later part={failedPart} given={{ error, reset }} />{/snippet}
	</svelte:boundary>
</main>

<style>
	header {
		display: flex;
		align-items: center;
		gap: 1.5rem;
		min-height: 3.75rem;
		padding: 0.25rem 1.25rem;
		border-bottom: 1px solid var(--line);
	}
	.home {
		display: inline-flex;
		align-items: center;
		gap: 0.6rem;
		font-size: 1.375rem;
		font-weight: 700;
		text-decoration: none;
		min-height: 2.75rem;
	}
	nav {
		display: flex;
		gap: 0.25rem;
		flex: 1;
	}
	nav a {
		display: inline-flex;
		align-items: center;
		justify-content: center;
		min-height: 2.75rem;
		padding: 0 0.9rem;
		text-decoration: none;
		border-bottom: 3px solid transparent;
	}
	nav a[aria-current] {
		font-weight: var(--heavy);
		border-color: var(--ink);
	}
	.unsaved {
		align-self: start;
		min-width: 1.35em;
		margin: 0.3rem 0 0 0.3rem;
		padding: 0 0.3em;
		border-radius: 1em;
		background: var(--ink);
		color: var(--paper);
		font-size: 0.8125rem;
		line-height: 1.35;
		text-align: center;
	}
	.away {
		padding: 0.5rem 1.25rem;
		border-bottom: 1px solid var(--line);
	}
	.skip {
		position: absolute;
		left: -100rem;
		z-index: 50;
		padding: 0.75rem 1rem;
		background: var(--paper);
	}
	.skip:focus {
		left: 0.5rem;
		top: 0.5rem;
	}
	main:focus {
		outline: none;
	}
	@media (max-width: 820px), (max-height: 500px) {
		header {
			gap: 0.25rem;
			padding: 0 0.5rem;
			min-height: var(--header);
		}
		nav {
			flex-wrap: wrap;
			gap: 0;
			justify-content: space-between;
		}
		/* Shoot is the way home, too: the mark leaves its place to the views. */
		.home {
			display: none;
		}
		/* As large as a thumb needs, and no larger where the letters are: two rows of them are no higher than one. */
		nav a {
			min-width: min(2.75rem, 44px);
			min-height: min(2.75rem, 44px);
			padding: 0 0.1rem;
			font-size: 0.875rem;
		}
	}
	/* The smallest of phones. */
	@media (max-width: 375px) {
		nav a {
			padding: 0;
			font-size: 0.8125rem;
		}
	}
</style>
