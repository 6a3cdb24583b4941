import { Described } from '../../looks/Described';
import { LookPicture } from '../../looks/LookPicture';
import type { StepOf } from '../../words/card';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { WriteWords } from '../WriteWords';

type Props = Pick<PanelProps, 'attempt' | 'act' | 'busy'> & { step: StepOf<'rock-wheel'> };

/** The last wheel that was rocked: what of it went to and fro, to be said of each; in words where it was rocked before there were pictures of it. */
export function Rocked({ attempt, step, act, busy }: Props) {
    const { picture, values } = step.observation;
    const channel = t(`channel.${step.action.channel}`);
    const { sights } = attempt;
    return (
        <>
            <div role="status" className="border-t border-slate-line pt-2">
                <p className="flex justify-between pb-1 text-small text-slate-soft">
                    <span>{t('rocked.title', { channel })}</span>
                    <span>{t('bay.step', { step: step.number })}</span>
                </p>
                {picture !== undefined ? (
                    <LookPicture
                        picture={picture}
                        seed={step.action.channel}
                        label={t('rocked.label', { channel, step: step.number })}
                    />
                ) : (
                    <p className="text-large text-reading">
                        {Object.values(values)
                            .map((word) => t(`sight.${String(word)}`))
                            .join('. ')}
                    </p>
                )}
            </div>
            {picture !== undefined && attempt.picturesDescribed && <Described picture={picture} />}
            {picture !== undefined && (
                <WriteWords
                    step={step}
                    shown={[
                        { feature: 'play', label: t('rocked.play'), sights: sights.rocked ?? [] },
                        { feature: 'ring', label: t('rocked.ring'), sights: sights['ring-by-hand'] ?? [] },
                        {
                            feature: 'sensor',
                            label: t('rocked.sensor'),
                            sights: sights['sensor-by-hand'] ?? [],
                        },
                    ]}
                    act={act}
                    busy={busy}
                />
            )}
        </>
    );
}
