import type { Attempt, ShownNumber } from '../../api/types';
import { display, THIN_SPACE } from '../../words/quantities';
import { number } from '../../words/reader';
import { isNumber, isSeries } from '../../words/shown';
import { t } from '../../words/words';
import { SeatMark } from '../../ui/SeatMark';
import { WriteWords, type Shown } from '../WriteWords';
import type { PanelProps } from '../room';
import { Recording } from '../scan/Recording';
import { lastTried, type Tried as TriedStep } from './lastTried';
import { recordedStop } from './recorded';
import { spokenFeature } from './spoken';
import { StopRecording } from './StopRecording';

const AT = ['free', 'pressed', 'held', 'swing'] as const;
type Values = TriedStep['observation']['values'];

/** What the brakes did last, and the card it can be written on. */
export function Tried({ attempt, act, busy }: Pick<PanelProps, 'attempt' | 'act' | 'busy'>) {
    const last = lastTried(attempt);
    if (last === undefined) return <p className="text-slate-soft">{t('bay.nothing-shown')}</p>;
    const { kind, values } = last.observation;
    return (
        <>
            <div role="status" className="border-t border-slate-line pt-2">
                <p className="flex justify-between text-small text-slate-soft">
                    <span>{t(`scan-title.${last.action.do}`)}</span>
                    <span>{t('bay.step', { step: last.number })}</span>
                </p>
                {kind === 'no-answer' && <p className="text-reading">{t('bay.no-answer')}</p>}
                {kind === 'rolled' ? <Forces values={values} /> : <Words values={values} />}
                {['stopped', 'stop-recorded', 'driven-freely'].includes(kind) && <Marks values={values} />}
                {kind === 'stop-recorded' && (
                    <RecordedOf key={last.number} attempt={attempt} observation={last.observation} />
                )}
            </div>
            {kind !== 'no-answer' && (
                <WriteWords
                    key={last.number}
                    step={last}
                    shown={written(attempt, values)}
                    act={act}
                    busy={busy}
                />
            )}
        </>
    );
}

/** One of before there was more than speeds shows those. */
function RecordedOf({ attempt, observation }: { attempt: Attempt; observation: TriedStep['observation'] }) {
    const stop = recordedStop(
        observation,
        attempt.car.channels.map(({ id }) => id),
    );
    return stop === null ? (
        <Recording car={attempt.car} observation={observation} channel="" />
    ) : (
        <StopRecording stop={stop} />
    );
}

function Words({ values }: { values: Values }) {
    return (
        <ul className="text-reading">
            {Object.entries(values)
                .filter(
                    ([feature, value]) =>
                        feature !== 'answer' && !feature.startsWith('mark.') && typeof value === 'string',
                )
                .map(([feature, word]) => (
                    <li key={feature} className="flex justify-between gap-3 border-b border-slate-line py-1">
                        <span className="text-slate-soft">
                            <SeatMark about={feature.split('.')[0] ?? ''} />
                            {spokenFeature(feature)}
                        </span>
                        <span className="text-right">{t(`sight-short.${String(word)}`)}</span>
                    </li>
                ))}
        </ul>
    );
}

/** Which wheels have left a mark on the ground, all in one row. */
function Marks({ values }: { values: Values }) {
    const left = Object.entries(values)
        .filter(([feature, word]) => feature.startsWith('mark.') && word === 'wheel-leaves-mark')
        .map(([feature]) => feature.slice('mark.'.length));
    return (
        <p className="flex justify-between gap-3 border-b border-slate-line py-1 text-reading">
            <span className="text-slate-soft">
                <SeatMark about="marks" />
                {t('tried.marks')}
            </span>
            <span className="text-right">
                {left.length === 0 ? t('sight-short.wheel-rolls') : left.join(', ')}
            </span>
        </p>
    );
}

/** Left beside right, with what the weaker lacks to the stronger. */
function Forces({ values }: { values: Values }) {
    const channels = [...new Set(Object.keys(values).map((name) => name.split('.')[0] ?? ''))];
    const force = (channel: string, at: string): ShownNumber | null => {
        const found = values[`${channel}.${at}`];
        return isNumber(found) ? found : null;
    };
    const held = channels.map((channel) => force(channel, 'held')?.si ?? 0);
    const [least, most] = [Math.min(...held), Math.max(...held)];
    return (
        <table className="tabular w-full text-reading">
            <caption className="sr-only">{t('brakes.forces')}</caption>
            <thead>
                <tr className="text-small text-slate-soft">
                    <td />
                    {channels.map((channel) => (
                        <th key={channel} scope="col" className="text-right font-normal">
                            {channel}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {AT.filter((at) => channels.some((channel) => force(channel, at) !== null)).map((at) => (
                    <tr key={at} className="border-b border-slate-line">
                        <th scope="row" className="py-1 text-left font-normal text-slate-soft">
                            {t(`force.${at}`)}
                        </th>
                        {channels.map((channel) => {
                            const shown = force(channel, at);
                            const { digits, unit } =
                                shown === null ? { digits: '–', unit: '' } : display(shown);
                            return (
                                <td key={channel} className="text-right">
                                    {digits} {unit}
                                </td>
                            );
                        })}
                    </tr>
                ))}
            </tbody>
            {channels.length > 1 && (
                <tfoot>
                    <tr>
                        <th scope="row" className="py-1 text-left font-normal text-slate-soft">
                            {t('brakes.imbalance')}
                        </th>
                        <td colSpan={channels.length} className="text-right">
                            {number(most > 0 ? Math.round((100 * (most - least)) / most) : 0)}
                            {THIN_SPACE}%
                        </td>
                    </tr>
                </tfoot>
            )}
        </table>
    );
}

/** What can be written down: words out of those there are, or a force. */
function written({ sights }: Attempt, values: Values): Shown[] {
    return Object.entries(values)
        .filter(([feature, value]) => feature !== 'at' && !isSeries(value))
        .map(([feature, value]) => ({
            feature,
            label: spokenFeature(feature),
            sights: isNumber(value) ? undefined : (sights[feature.split('.')[0] ?? ''] ?? []),
        }));
}
