import type { Component } from 'svelte';
import type { CaseView } from './lib/api/client';
import Lost from './views/Lost.svelte';

/** A view gets what its path holds. */
type Loaded = { default: Component<{ params: Record<string, string> }> };

export type View = {
	/** As the router takes it; the views of a case begin with /case/:id. */
	path: string;
	name: string;
	/** Where its link stands: with the workshop's, with a case's, or nowhere. */
	place: 'workshop' | 'case' | 'nowhere';
	/** The letter that opens it. */
	key?: string;
	/** True where letters are its own affair: digits and letters there belong to a reading. */
	ownKeys?: boolean;
	/** True for a screen that is read from afar: nothing stands around it. */
	bare?: boolean;
	/** Whether it means anything for a case; always unless said. */
	fits?: (view: CaseView) => boolean;
	load: () => Promise<Loaded>;
};

const loaded = (module: Promise<unknown>): Promise<Loaded> =>
	(module as Promise<Loaded>).catch((): Loaded => ({ default: Lost as Loaded['default'] }));

/** The one list of views: routes, navigation, keys, help and titles are read from it. */
export const VIEWS: readonly View[] = [
	{
		path: '/',
		name: 'Bay',
		place: 'workshop',
		key: 'b',
		load: () => loaded(import('./views/bay/Bay.svelte'))
	},
	{
		path: '/log',
		name: 'Log',
		place: 'workshop',
		key: 'l',
		load: () => loaded(import('./views/log/Log.svelte'))
	},
	{
		path: '/vehicle/:id',
		name: 'Vehicle',
		place: 'nowhere',
		load: () => loaded(import('./views/vehicle/Vehicle.svelte'))
	},
	{
		path: '/due',
		name: 'Due',
		place: 'workshop',
		key: 'd',
		load: () => loaded(import('./views/due/Due.svelte'))
	},
	{
		path: '/figures',
		name: 'Shop figures',
		place: 'nowhere',
		load: () => loaded(import('./views/figures/Figures.svelte'))
	},
	{
		path: '/run',
		name: 'Run sheet',
		place: 'workshop',
		load: () => loaded(import('./views/run/Run.svelte'))
	},
	{
		path: '/case/:id',
		name: 'Workbench',
		place: 'case',
		key: 'w',
		ownKeys: true,
		load: () => loaded(import('./views/workbench/Workbench.svelte'))
	},
	{
		path: '/case/:id/charging',
		name: 'Charging',
		place: 'case',
		key: 'g',
		fits: (view) => view.profile.loop === 'CHARGING' || view.otherProfile?.loop === 'CHARGING',
		load: () => loaded(import('./views/charging/Charging.svelte'))
	},
	{
		path: '/case/:id/look',
		name: 'Look',
		place: 'case',
		key: 'o',
		load: () => loaded(import('./views/look/Look.svelte'))
	},
	{
		path: '/case/:id/proof',
		name: 'Proof',
		place: 'case',
		key: 'p',
		load: () => loaded(import('./views/proof/Proof.svelte'))
	},
	{
		path: '/case/:id/limits',
		name: 'Limits',
		place: 'case',
		key: 'i',
		load: () => loaded(import('./views/limits/Limits.svelte'))
	},
	{
		path: '/case/:id/circuit',
		name: 'Circuit',
		place: 'case',
		key: 'k',
		load: () => loaded(import('./views/circuit/Circuit.svelte'))
	},
	{
		path: '/case/:id/alone',
		name: 'Alone',
		place: 'nowhere',
		ownKeys: true,
		load: () => loaded(import('./views/alone/Alone.svelte'))
	},
	{
		path: '/settings',
		name: 'Settings',
		place: 'workshop',
		load: () => loaded(import('./views/settings/Settings.svelte'))
	},
	{
		path: '/seat/:id',
		name: 'Seat',
		place: 'nowhere',
		ownKeys: true,
		bare: true,
		load: () => loaded(import('./views/seat/Seat.svelte'))
	},
	{
		path: '/pair/:code/:caseId?',
		name: 'Join',
		place: 'nowhere',
		ownKeys: true,
		load: () => loaded(import('./views/seat/Pair.svelte'))
	},
	{
		path: '*',
		name: 'Nothing here',
		place: 'nowhere',
		load: () => loaded(import('./views/Nowhere.svelte'))
	}
];

/** The case that a location is about, if it is about one. */
export function caseIn(location: string): string | undefined {
	return /^\/case\/([^/]+)/.exec(location)?.[1];
}

/** The view at a location. */
export function viewAt(location: string): View {
	const words = location.split('/');
	const fits = (view: View) => {
		const path = view.path.split('/').filter((word) => !word.endsWith('?'));
		return (
			path.every((word, n) => (word.startsWith(':') ? (words[n] ?? '') !== '' : word === words[n])) &&
			(path.length === words.length || view.path.endsWith('?'))
		);
	};
	return VIEWS.find(fits) ?? (VIEWS.at(-1) as View);
}

/** Where a view's link leads. */
export function hrefOf(view: View, caseId?: string): string {
	return `#${view.path.replace(':id', caseId ?? '')}`;
}

/** The views that a letter opens from here: the workshop's, and a case's once one is open. */
export function keyed(caseId: string | undefined): View[] {
	return VIEWS.filter((v) => v.key !== undefined && (v.place === 'workshop' || caseId !== undefined));
}
