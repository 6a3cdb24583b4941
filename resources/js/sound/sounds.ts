/** What can be heard of the car. */
export type Sound = 'pump' | 'pump-on' | 'unit' | 'self-test';

/** How long each lasts, in seconds, and how often a second its motor or its valves beat. */
const SOUNDS: Record<Sound, { seconds: number; hum: number; beat: number }> = {
    pump: { seconds: 1.4, hum: 96, beat: 0 },
    'pump-on': { seconds: 3, hum: 96, beat: 0 },
    unit: { seconds: 1.6, hum: 84, beat: 9 },
    'self-test': { seconds: 0.5, hum: 110, beat: 0 },
};

const LOUD = 0.12;

/** Makes a sound by the browser's own means. */
export function make(sound: Sound): void {
    const { seconds, hum, beat } = SOUNDS[sound];
    const audio = new AudioContext();
    const loudness = audio.createGain();
    const [start, end] = [audio.currentTime, audio.currentTime + seconds];
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
    setTimeout(() => void audio.close(), seconds * 1000 + 200);
}
