import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

/** One term for each thing: what it is called here, and what it is not called. */
const GLOSSARY: Record<string, RegExp> = {
	ground: /\bearth(ed|ing)?\b/i,
	reading: /\bmeasurements?\b/i,
	'supply side': /\b(positive|hot|feed) side\b/i,
	'return side': /\b(negative|ground|earth) side\b/i,
	'battery + post': /\bpositive (post|terminal)\b/i,
	'battery − post': /\bnegative (post|terminal)\b/i,
	starter: /\b(starting|cranking) motor\b/i,
	'charge lamp': /\b(warning|charging|battery) (light|lamp)\b/i,
	clamp: /\b(current probe|amp clamp|ammeter clamp)\b/i,
	condition: /\b(test mode|state of test)\b/i,
	'strike out': /\bdelete[ds]?\b/i,
	technician: /\b(mechanic|operator|user)s?\b/i,
	case: /\b(job card|ticket|work order)s?\b/i,
	Bay: /\bdashboard\b/i,
	save: /\bsubmit\b/i,
	'suspect, likely, nearly certain, faulty': /\b(defective|broken part|bad part)\b/i
};

const sources = import.meta.glob<string>(
	['./**/*.svelte', './**/words.ts', './lib/state/*.ts', './views.ts'],
	{
		query: '?raw',
		import: 'default',
		eager: true
	}
);

/** What a person may read: text between tags, and strings with a space in them; no code, style or comment. */
function shown(source: string): string[] {
	const plain = source
		.replace(/<style[\s\S]*?<\/style>/g, '')
		.replace(/\/\*[\s\S]*?\*\/|\/\/.*|<!--[\s\S]*?-->/g, '');
	const markup = plain.replace(/<script[\s\S]*?<\/script>/g, '');
	const texts = [...markup.matchAll(/>([^<>{}]+)[<{]/g)].map((m) => m[1] ?? '');
	const strings = [...plain.matchAll(/'([^'\n]*)'|`([^`]*)`|"([^"\n]*)"/g)].map(
		(m) => m[1] ?? m[2] ?? m[3] ?? ''
	);
	return [...texts, ...strings.filter((s) => /[a-z] [a-z]/i.test(s))];
}

/** What core and server say: the strings of their code with a space in them; comments and text blocks are no speech. */
function said(source: string): string[] {
	const plain = source.replace(/"""[\s\S]*?"""/g, '').replace(/\/\*[\s\S]*?\*\/|^\s*\/\/.*$/gm, '');
	return [...plain.matchAll(/"((?:[^"\\\n]|\\.)*)"/g)]
		.map((m) => m[1] ?? '')
		.filter((s) => /[a-z] [a-z]/i.test(s));
}

function java(module: string): [string, string][] {
	const root = join(__dirname, '../..', module, 'src/main/java');
	return readdirSync(root, { recursive: true, encoding: 'utf8' })
		.filter((path) => path.endsWith('.java'))
		.map((path) => [path, readFileSync(join(root, path), 'utf8')]);
}

const rules = [...java('core'), ...java('server')];

describe('one term for each thing', () => {
	it('reads every source that speaks', () => {
		expect(Object.keys(sources).length).toBeGreaterThan(90);
		expect(shown("<p>Strike it out</p>{#if x === 'a b'}<b>now</b>{/if}")).toEqual(
			expect.arrayContaining(['Strike it out', 'now', 'a b'])
		);
	});

	it('reads every sentence of the rules', () => {
		expect(rules.length).toBeGreaterThan(500);
		expect(said('return "Read it again.";\n// "not this one"\n/* nor "that one" */')).toEqual([
			'Read it again.'
		]);
		expect(rules.flatMap(([, source]) => said(source)).length).toBeGreaterThan(800);
	});

	it.each(Object.entries(GLOSSARY))('is “%s” in the rules too', (_term, other) => {
		const found = rules.flatMap(([path, source]) =>
			said(source)
				.filter((text) => other.test(text))
				.map((text) => `${path}: ${text}`)
		);
		expect(found).toEqual([]);
	});

	it.each(Object.entries(GLOSSARY))('is “%s”', (_term, other) => {
		const found = Object.entries(sources)
			.filter(([path]) => !path.includes('.test.'))
			.flatMap(([path, source]) =>
				shown(source)
					.filter((text) => other.test(text))
					.map((text) => `${path}: ${text.trim()}`)
			);
		expect(found).toEqual([]);
	});
});
