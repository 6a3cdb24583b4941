import { useState } from 'react';
import { Described } from '../../looks/Described';
import { LookPicture } from '../../looks/LookPicture';
import { Choice } from '../../ui/Choice';
import { displayed } from '../../words/quantities';
import type { StepOf } from '../../words/card';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { WriteDown } from '../WriteDown';

const NUMBERS = ['gap', 'spread'] as const;

type Props = Pick<PanelProps, 'attempt' | 'act' | 'busy'> & { step: StepOf<'gauge-gap'> };

/** The last gauging: blades as they went in, to be read; a number where it was gauged before there were pictures of it. */
export function Gauged({ attempt, step, act, busy }: Props) {
    const [feature, setFeature] = useState<(typeof NUMBERS)[number]>('gap');
    const { picture, values } = step.observation;
    const channel = t(`channel.${step.action.channel}`);
    if (values.reach !== undefined)
        return <NoWayIn attempt={attempt} step={step} channel={channel} act={act} busy={busy} />;
    return (
        <>
            <div role="status" className="border-t border-slate-line pt-2">
                <p className="flex justify-between pb-1 text-small text-slate-soft">
                    <span>{t('gauged.title', { channel })}</span>
                    <span>{t('bay.step', { step: step.number })}</span>
                </p>
                {picture !== undefined ? (
                    <>
                        <LookPicture
                            picture={picture}
                            seed=""
                            label={t('gauged.label', { channel, step: step.number })}
                        />
                        <p className="pt-1 text-small text-slate-soft">{t('gauged.read')}</p>
                    </>
                ) : (
                    <p className="text-large text-reading">
                        {isNumber(values.gap) ? displayed(values.gap) : '–'}
                    </p>
                )}
            </div>
            {picture !== undefined && attempt.picturesDescribed && <Described picture={picture} />}
            {picture !== undefined && (
                <Choice
                    onSlate
                    label={t('write.which')}
                    value={feature}
                    onChoose={setFeature}
                    options={NUMBERS.map((one) => ({ value: one, label: t(`gauged.${one}`) }))}
                />
            )}
            <WriteDown key={feature} step={step} feature={feature} unitsOf="metres" act={act} busy={busy} />
        </>
    );
}

/** Where the maker has left no way in for a blade; that is written down as well. */
function NoWayIn({ attempt, step, channel, act, busy }: Props & { channel: string }) {
    return (
        <>
            <div role="status" className="border-t border-slate-line pt-2">
                <p className="flex justify-between pb-1 text-small text-slate-soft">
                    <span>{t('gauged.title', { channel })}</span>
                    <span>{t('bay.step', { step: step.number })}</span>
                </p>
                <p className="text-large text-reading">{t('gauged.no-way-in')}</p>
            </div>
            <WriteDown
                step={step}
                feature="reach"
                sights={attempt.sights.reach ?? []}
                act={act}
                busy={busy}
            />
        </>
    );
}
