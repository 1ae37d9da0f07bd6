<script lang="ts">
	/** Stands in for a view that is on its way; says so only if it takes its time. */
</script>

<p class="opening" role="status">Opening.</p>

<style>
	.opening {
		padding: 24px;
		font-size: 18px;
		animation: late 0s 0.25s both;
	}
	@keyframes late {
		from {
			visibility: hidden;
		}
	}
</style>
