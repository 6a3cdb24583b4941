import { useMutation } from '@tanstack/react-query';
import { useId } from 'react';
import { api, taken } from '../../api/client';
import { THIN_SPACE } from '../../words/quantities';
import { t } from '../../words/words';
import { ScopeScreen } from './ScopeScreen';
import { digits, precisely } from '../../words/reader';

const NO_CURSORS: [number, number] = [0, 1];

/** A waveform captured elsewhere, laid beside the sweep and measured the same way. */
export function CompareFile() {
    const id = useId();
    const measure = useMutation({
        mutationFn: async (file: File) =>
            taken(api.POST('/api/waveforms', { body: { csv: await file.text() } })),
    });
    const volts = (value: number) => `${digits(value * 1000, 4)}${THIN_SPACE}mV`;
    return (
        <details>
            <summary className="cursor-pointer">{t('waveform.compare')}</summary>
            <div className="flex flex-col gap-2 pt-2">
                <label htmlFor={id} className="text-small text-slate-soft">
                    {t('waveform.file')}
                </label>
                <input
                    id={id}
                    type="file"
                    accept=".csv,text/csv"
                    onChange={(event) => event.target.files?.[0] && measure.mutate(event.target.files[0])}
                />
                {measure.isError && <p role="alert">{measure.error.message}</p>}
                {measure.data?.map((input, index) => (
                    <div key={index}>
                        <ScopeScreen traces={[input.trace]} cursors={NO_CURSORS} running={false} />
                        <dl className="text-small">
                            <Figure
                                name={t('waveform.frequency')}
                                value={
                                    input.hertz === null
                                        ? t('waveform.none')
                                        : `${precisely(input.hertz, 4)}${THIN_SPACE}Hz`
                                }
                            />
                            <Figure name={t('waveform.swing')} value={volts(input.peakToPeakVolts)} />
                            <Figure name={t('waveform.mean')} value={volts(input.meanVolts)} />
                            <Figure
                                name={t('waveform.gaps')}
                                value={
                                    input.gaps === 0
                                        ? t('waveform.none')
                                        : t('waveform.gap-text', {
                                              gaps: input.gaps,
                                              missing: input.missingPerGap,
                                          })
                                }
                            />
                            {input.teethPerTurn !== null && (
                                <Figure name={t('waveform.teeth')} value={String(input.teethPerTurn)} />
                            )}
                        </dl>
                    </div>
                ))}
            </div>
        </details>
    );
}

function Figure({ name, value }: { name: string; value: string }) {
    return (
        <div className="flex justify-between border-b border-slate-line">
            <dt className="text-slate-soft">{name}</dt>
            <dd className="tabular text-reading">{value}</dd>
        </div>
    );
}
