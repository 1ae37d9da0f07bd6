/** A random UUID (version 4). `crypto.randomUUID` needs a secure context, which a page on a LAN is not. */
export function newId(): string {
	const bytes = crypto.getRandomValues(new Uint8Array(16));
	bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
	bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
	const hex = Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
	return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}

/** The name this device signs with, made once. */
export function deviceName(storage: Storage): string {
	const known = storage.getItem('dantro:device');
	if (known) return known;
	const name = `Device ${newId().slice(0, 4).toUpperCase()}`;
	storage.setItem('dantro:device', name);
	return name;
}
