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
	<label class="learning">
		<input type="checkbox" name="learning" bind:checked={() => app.learning, (on) => (app.learning = on)} />
		Learning the trade: what I enter is marked so
	</label>
	<p class="soft">
		What is entered from now on is signed “{app.device}”. It says who; it keeps nobody out. No name: the
		device's own.
	</p>
</section>

<style>
	.learning {
		display: flex;
		gap: 10px;
		align-items: center;
		min-height: 48px;
	}
	.learning input {
		width: 22px;
		height: 22px;
	}
	.soft {
		color: var(--soft);
		font-size: 15px;
	}
</style>
