<script lang="ts">
	/** Stands in for a view that could not be fetched. */
</script>

<p class="p-6 text-lg" role="alert">
	This view cannot be fetched: there is no connection. What you entered is kept. Open it again when Dantro is
	back.
</p>
