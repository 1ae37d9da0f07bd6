import '@fontsource-variable/archivo/wght.css';
import './app.css';
import { mount } from 'svelte';
import App from './App.svelte';
import { keepAtHand } from './lib/device/offline';

const target = document.getElementById('app');
if (!target) throw new Error('The page has no element with the id "app".');
// Only where the browser trusts the page; elsewhere a reload needs the server (Settings say so).
if (import.meta.env.PROD && window.isSecureContext && 'serviceWorker' in navigator) {
	void keepAtHand();
}
export default mount(App, { target });
