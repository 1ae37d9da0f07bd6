import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), svelte()],
	resolve: process.env.VITEST ? { conditions: ['browser'] } : {},
	build: { target: 'es2022', assetsInlineLimit: 0 },
	server: {
		proxy: { '/api': { target: 'http://127.0.0.1:8420', headers: { origin: 'http://127.0.0.1:8420' } } }
	},
	test: { environment: 'jsdom', include: ['src/**/*.test.ts'] }
});
