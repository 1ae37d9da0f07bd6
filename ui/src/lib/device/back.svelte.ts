/**
 * Back closes what is open, as a hand on a phone expects, and does not leave the page under it. To be called while a
 * component is made; what navigates from an open dialog replaces this entry.
 */
export function backCloses(isOpen: () => boolean, close: () => void): void {
	$effect(() => {
		if (!isOpen()) return;
		const under = location.href;
		history.pushState({ dialog: true }, '');
		window.addEventListener('popstate', close);
		return () => {
			window.removeEventListener('popstate', close);
			const here = location.href === under;
			if (here && (history.state as { dialog?: boolean } | null)?.dialog) history.back();
		};
	});
}
