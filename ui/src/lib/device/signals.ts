/** Sound, vibration and a screen that stays awake, where the device has them; none of them is ever needed. */

let audio: AudioContext | null = null;

/** Must be called from a tap once; browsers keep a page silent before. */
export function allowSound(): void {
	if (!audio && 'AudioContext' in window) audio = new AudioContext();
	void audio?.resume();
}

/** A tone of so many hertz and milliseconds; several make a pattern. */
export function tone(hertz: number, millis: number, afterMillis = 0): void {
	if (!audio) return;
	const from = audio.currentTime + afterMillis / 1000;
	const until = from + millis / 1000;
	const oscillator = audio.createOscillator();
	const volume = audio.createGain();
	oscillator.frequency.value = hertz;
	volume.gain.setValueAtTime(0.4, from);
	volume.gain.setValueAtTime(0, until);
	oscillator.connect(volume).connect(audio.destination);
	oscillator.start(from);
	oscillator.stop(until);
}

/** Three low tones: stop. */
export function soundStop(): void {
	for (const n of [0, 1, 2]) tone(330, 160, n * 220);
	vibrate([160, 60, 160, 60, 160]);
}

/** One high tone: there is something to do. */
export function soundGo(): void {
	tone(880, 300);
	vibrate([300]);
}

/** A short high tone: it is saved. Two low ones: something is asked. */
export function soundSaved(questioned: boolean): void {
	if (questioned) {
		tone(330, 120);
		tone(330, 120, 180);
		vibrate([120, 60, 120]);
	} else {
		tone(1046, 90);
		vibrate([40]);
	}
}

function vibrate(pattern: number[]): void {
	if ('vibrate' in navigator) navigator.vibrate(pattern);
}

/** Keeps the screen on until the returned function is called; true if the device can do it here. */
export function stayAwake(): () => void {
	let lock: WakeLockSentinel | null = null;
	let wanted = true;
	const ask = async () => {
		if (!wanted || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
		try {
			lock = await navigator.wakeLock.request('screen');
			if (!wanted) void lock.release();
		} catch (refused) {
			// Low battery or a plain line: the screen sleeps by the device's own rule, as the pairing page says.
			console.info('The screen cannot be kept on:', refused);
		}
	};
	document.addEventListener('visibilitychange', ask);
	void ask();
	return () => {
		wanted = false;
		document.removeEventListener('visibilitychange', ask);
		void lock?.release();
	};
}
