import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import FromFile from './FromFile.svelte';

vi.mock('../../lib/state/app.svelte', () => ({ getApp: () => ({ device: 'Desk' }) }));

afterEach(() => {
	cleanup();
	vi.unstubAllGlobals();
});

function choose(): void {
	const field = document.querySelector('input[type=file]') as HTMLInputElement;
	const file = { name: 'van.json', text: () => Promise.resolve('{}') };
	Object.defineProperty(field, 'files', { value: [file], configurable: true });
	Object.defineProperty(field, 'value', { value: '', writable: true });
	void fireEvent.change(field);
}

describe('a case from a file', () => {
	it('that takes long can be given up, and nothing is opened after', async () => {
		const onrefused = vi.fn();
		const fetcher = vi.fn(
			(_path: string, init: RequestInit) =>
				new Promise((_resolve, reject) => {
					init.signal?.addEventListener('abort', () => reject(new DOMException('Aborted', 'AbortError')));
				})
		);
		vi.stubGlobal('fetch', fetcher);
		render(FromFile, { onrefused });
		choose();
		await waitFor(() => expect(screen.getByText('Opening the file')).toBeTruthy());
		await waitFor(() => expect(fetcher).toHaveBeenCalledOnce());
		await fireEvent.click(await screen.findByRole('button', { name: 'Cancel' }));
		expect(screen.getByText('or open a case file')).toBeTruthy();
		await waitFor(() => expect(onrefused).toHaveBeenCalledOnce());
		expect(onrefused.mock.calls[0]?.[0]).toContain('Cancelled');
	});

	it('that is refused says why, with its name', async () => {
		const onrefused = vi.fn();
		vi.stubGlobal(
			'fetch',
			vi.fn(async () => new Response(JSON.stringify({ detail: 'There is no circuit.' }), { status: 400 }))
		);
		render(FromFile, { onrefused });
		choose();
		await waitFor(() => expect(onrefused).toHaveBeenCalledWith('van.json: There is no circuit.'));
	});
});
