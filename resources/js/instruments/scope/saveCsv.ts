import type { ShownTrace } from '../../api/types';
import { rounded } from '../../words/number';

/** Of a stretch in which something short happens, whatever lies furthest off its sample. */
function furthest({ steps, lows, highs }: ShownTrace, sample: number): number {
    const step = steps[sample] ?? 0;
    const [low, high] = [lows?.[sample] ?? step, highs?.[sample] ?? step];
    return step - low > high - step ? low : high;
}

/** Offers the traces as a CSV file (RFC 4180): time in seconds, then volts for each input. */
export function saveCsv(name: string, traces: ShownTrace[]): void {
    const header = ['seconds', ...traces.map((_, index) => `volts_${index + 1}`)].join(',');
    const rows = (traces[0]?.steps ?? []).map((_, sample) =>
        [
            sample * traces[0]!.secondsPerSample,
            ...traces.map((trace) => furthest(trace, sample) * trace.voltsPerStep),
        ]
            .map((value) => rounded(value, 9))
            .join(','),
    );
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([[header, ...rows].join('\r\n')], { type: 'text/csv' }));
    link.download = name;
    link.click();
    URL.revokeObjectURL(link.href);
}
