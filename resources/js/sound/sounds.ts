/** What can be heard of the car. */
export type Sound = 'click' | 'pump' | 'pump-on' | 'unit' | 'self-test';

/** How long each lasts, in seconds, and how often a second its motor turns and its valves beat; a motor that does not turn is a click alone. */
const SOUNDS: Record<Sound, { seconds: number; hum: number; beat: number }> = {
    click: { seconds: 0.09, hum: 0, beat: 0 },
    pump: { seconds: 1.4, hum: 96, beat: 0 },
    'pump-on': { seconds: 3, hum: 96, beat: 0 },
    unit: { seconds: 1.6, hum: 84, beat: 9 },
    'self-test': { seconds: 0.5, hum: 110, beat: 0 },
};

const LOUD = 0.12;

/** Between two sounds, in seconds. */
const PAUSE = 0.12;

/** Makes these sounds one after another, by the browser's own means. */
export function make(sounds: Sound[]): void {
    const audio = new AudioContext();
    let at = audio.currentTime;
    for (const sound of sounds) {
        if (SOUNDS[sound].hum === 0) strike(audio, at);
        else hum(audio, at, SOUNDS[sound]);
        at += SOUNDS[sound].seconds + PAUSE;
    }
    setTimeout(() => void audio.close(), (at - audio.currentTime) * 1000 + 200);
}

/** An armature that strikes its stop: what rings of it is gone at once. */
function strike(audio: AudioContext, start: number): void {
    const end = start + SOUNDS.click.seconds;
    for (const [hertz, share] of [
        [2400, 1],
        [880, 0.7],
    ] as const) {
        const tone = audio.createOscillator();
        const loudness = audio.createGain();
        tone.type = 'triangle';
        tone.frequency.value = hertz;
        loudness.gain.setValueAtTime(LOUD * 2 * share, start);
        loudness.gain.exponentialRampToValueAtTime(0.0001, end);
        tone.connect(loudness).connect(audio.destination);
        tone.start(start);
        tone.stop(end);
    }
}

function hum(audio: AudioContext, start: number, { seconds, hum, beat }: (typeof SOUNDS)[Sound]): void {
    const loudness = audio.createGain();
    const end = start + seconds;
    loudness.gain.setValueAtTime(0, start);
    loudness.gain.linearRampToValueAtTime(LOUD, start + 0.06);
    loudness.gain.setValueAtTime(LOUD, end - 0.12);
    loudness.gain.linearRampToValueAtTime(0, end);
    loudness.connect(audio.destination);
    // a motor: its hum and the whine above it
    for (const [times, share] of [
        [1, 0.7],
        [3.02, 0.3],
    ] as const) {
        const tone = audio.createOscillator();
        const part = audio.createGain();
        tone.type = 'sawtooth';
        tone.frequency.value = hum * times;
        part.gain.value = share;
        tone.connect(part).connect(loudness);
        tone.start(start);
        tone.stop(end);
    }
    if (beat > 0) {
        const valves = audio.createOscillator();
        const depth = audio.createGain();
        valves.type = 'square';
        valves.frequency.value = beat;
        depth.gain.value = LOUD * 0.6;
        valves.connect(depth).connect(loudness.gain);
        valves.start(start);
        valves.stop(end);
    }
}
