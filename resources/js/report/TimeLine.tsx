import { Link } from 'react-router';
import type { Report, Step } from '../api/types';
import { bestView } from '../looks/bestView';
import { LookPicture } from '../looks/LookPicture';
import { nameOf } from '../looks/looked';
import { isDrive } from '../road/drives';
import { clock, shortMinutes } from '../words/quantities';
import { t } from '../words/words';
import { describeAction, describeObservation } from '../words/describe';

/** The path taken, step by step, with the workshop clock beside it. */
export function TimeLine({ attempt, report }: { attempt: number; report: Report }) {
    const rests = new Set(report.marks?.marks.map((mark) => mark.step));
    const open = (report.marks?.possible ?? []).map((one) => one.open);
    const elapsed = report.steps.map((_, position) =>
        report.steps.slice(0, position + 1).reduce((sum, step) => sum + step.minutes, 0),
    );
    const money = report.steps.reduce((sum, step) => sum + step.money, 0);
    return (
        <section
            aria-label={t('report.path')}
            className="flex min-h-0 flex-col rounded-part border border-floor-deep bg-bench px-4 py-3"
        >
            <div className="flex justify-between border-b border-ink pb-1">
                <h2>{t('report.path')}</h2>
                <span className="tabular text-small text-ink-soft">
                    {t('report.total', { minutes: Math.round(elapsed.at(-1) ?? 0), money })}
                </span>
            </div>
            <ol className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label={t('report.path')}>
                {report.steps.map((step, position) => (
                    <li
                        key={step.number}
                        id={`step-${step.number}`}
                        className={`flex gap-3 border-b border-floor-deep py-1 pl-2 target:bg-petrol-tint ${rests.has(step.number) ? 'border-l-4 border-l-ink' : 'border-l-4 border-l-transparent'}`}
                    >
                        <span className="tabular w-6 shrink-0 text-right text-ink-soft">{step.number}</span>
                        <span className="min-w-0 flex-1">
                            <span className={step.observation.refusal === '' ? '' : 'line-through'}>
                                {describeAction(report.car, step.action)}
                            </span>
                            <span className="block text-small text-ink-soft">
                                {describeObservation(step.observation)}
                            </span>
                            <Seen step={step} />
                            {isDrive(step) && (
                                <Link
                                    to={`/report/${attempt}/road/${step.number}`}
                                    className="text-small text-petrol underline"
                                >
                                    {t('report.see-drive')}
                                </Link>
                            )}
                            {open[position] !== undefined && open[position] !== open[position - 1] && (
                                <span className="block text-small font-semibold text-petrol">
                                    {t('report.possible-open', { count: open[position] })}
                                </span>
                            )}
                        </span>
                        <span className="tabular shrink-0 text-right text-small">
                            {clock(elapsed[position] ?? 0)}
                            <span className="block text-ink-soft">
                                {step.minutes > 0 && shortMinutes(step.minutes)}
                            </span>
                        </span>
                    </li>
                ))}
            </ol>
        </section>
    );
}

/** What there was to see, where somebody looked, gauged or rocked. */
function Seen({ step: { action, observation } }: { step: Step }) {
    const { picture } = observation;
    if (picture === undefined) return null;
    const channel = 'channel' in action ? action.channel : '';
    return (
        <LookPicture
            picture={picture}
            seed={action.do === 'look' ? `${channel} ${action.at}` : channel}
            label={action.do === 'look' ? nameOf(action) : told(action.do, t(`channel.${channel}`))}
            view={bestView(picture)}
            className="my-1 max-w-40 rounded-part"
        />
    );
}

/** What was done with a wheel, where it was not looked at alone. */
function told(what: Step['action']['do'], channel: string): string {
    return what === 'gauge-gap' ? t('gauged.title', { channel }) : t('rocked.title', { channel });
}
