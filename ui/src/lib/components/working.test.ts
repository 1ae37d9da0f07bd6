import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import Working from './Working.svelte';

beforeEach(() => vi.useFakeTimers());
afterEach(() => {
	cleanup();
	vi.useRealTimers();
});

describe('what takes longer than a moment', () => {
	it('says so after a moment only, and has a way out', async () => {
		const oncancel = vi.fn();
		render(Working, { what: 'Opening van.json', oncancel });
		expect(screen.queryByRole('progressbar')).toBeNull();
		await vi.advanceTimersByTimeAsync(350);
		expect(screen.getByRole('progressbar', { name: 'Opening van.json' })).toBeTruthy();
		await fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
		expect(oncancel).toHaveBeenCalledOnce();
	});
});
