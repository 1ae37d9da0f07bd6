import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [
		tailwindcss(),
		svelte(),
		VitePWA({
			strategies: 'injectManifest',
			srcDir: 'src',
			filename: 'sw.ts',
			injectRegister: false,
			injectManifest: {
				globPatterns: ['index.html', 'icon.svg', 'assets/*.{js,css,woff2}'],
				rollupFormat: 'iife'
			},
			manifest: {
				name: 'Dantro',
				short_name: 'Dantro',
				description: 'Finds where the volts are lost in starting and charging circuits.',
				start_url: '/',
				display: 'standalone',
				background_color: '#f1efe6',
				theme_color: '#14181b',
				icons: [
					{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
					{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'maskable' }
				]
			}
		})
	],
	resolve: process.env.VITEST ? { conditions: ['browser'] } : {},
	build: { target: 'es2022', assetsInlineLimit: 0 },
	server: {
		proxy: { '/api': { target: 'http://127.0.0.1:8420', headers: { origin: 'http://127.0.0.1:8420' } } }
	},
	test: { environment: 'jsdom', include: ['src/**/*.test.ts'], setupFiles: ['src/test/setup.ts'] }
});
