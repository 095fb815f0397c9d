<!-- What this is, and where what is kept lies. -->
<script lang="ts">
	import { version } from '$contract/version';
</script>

<section aria-labelledby="about">
	<h2 id="about">About</h2>
	<p>
		Just Enough {version}. Its licence is in <code>LICENSE</code>, those of the packages it’s built from in
		<code>THIRD-PARTY-NOTICES.txt</code>, both beside the program.
	</p>
	<ul>
		<li>
			<strong>On the server</strong>: your records in one SQLite file, your pictures as their files, and
			backups of both, in its data folder.
		</li>
		<li>
			<strong>In this browser</strong>: a copy of the records if you let it carry them, what waits to be sent,
			what you last typed into an aid, and the display and letters of this device.
		</li>
		<li><strong>Nowhere else.</strong></li>
	</ul>
</section>

<style>
	section {
		display: grid;
		gap: 0.5rem;
		max-width: 44rem;
	}
</style>
