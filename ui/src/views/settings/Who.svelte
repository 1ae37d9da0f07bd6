<script lang="ts">
	import Field from '../../lib/components/Field.svelte';
	import { getApp, LONGEST_NAME } from '../../lib/state/app.svelte';

	/** Who works on this device: every reading, answer, repair and ending is signed with it. */
	const app = getApp();
</script>

<section class="card">
	<h2>Who works on this device</h2>
	<div>
		<Field
			label="Name or initials"
			name="person"
			bind:value={() => app.person, (name) => (app.person = name)}
			maxlength={LONGEST_NAME}
		/>
	</div>
	<p class="soft">
		What is entered from now on is signed “{app.device}”. It says who; it keeps nobody out. No name: the
		device's own.
	</p>
</section>

<style>
	.soft {
		color: var(--soft);
		font-size: 15px;
	}
</style>
