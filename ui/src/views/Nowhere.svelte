<script lang="ts">
</script>

<p class="p-6 text-lg">There is nothing at this address. <a class="underline" href="#/">Go to the Bay.</a></p>
