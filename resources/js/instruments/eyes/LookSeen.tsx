import { useState } from 'react';
import { CloserLook } from '../../looks/CloserLook';
import { Described } from '../../looks/Described';
import { Runs } from '../../looks/LookControls';
import { LookPicture } from '../../looks/LookPicture';
import { type Look, nameOf, seedOf, turnedAt } from '../../looks/looked';
import { useLooking } from '../../looks/useLooking';
import { Button } from '../../ui/Button';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { LookAgain } from './LookAgain';

type Props = Pick<PanelProps, 'attempt' | 'act' | 'onAct' | 'busy'> & { look: Look };

/** The last look: its picture, and a way to look more closely. */
export function LookSeen({ attempt, act, onAct, busy, look }: Props) {
    const [isCloser, setCloser] = useState(false);
    const { channel } = look.action;
    const turnsPerSecond = turnedAt(attempt, look);
    const looking = useLooking(turnsPerSecond, attempt.state.turningChannels.includes(channel));
    const name = nameOf(look.action);
    return (
        <>
            <div role="status">
                <p className="flex justify-between pb-1 text-small text-slate-soft">
                    <span>{name}</span>
                    <span>{t('bay.step', { step: look.number })}</span>
                </p>
                <LookPicture
                    picture={look.observation.picture}
                    seed={seedOf(look)}
                    label={t('look-picture.label', { name, step: look.number })}
                    view={looking.view}
                />
            </div>
            <LookAgain attempt={attempt} look={look} busy={busy} onAct={onAct} />
            {turnsPerSecond > 0 && <Runs looking={looking} onSlate />}
            <Button kind="slate-line" onClick={() => setCloser(true)}>
                {t('look-picture.closer')}
            </Button>
            {isCloser && (
                <CloserLook
                    attempt={attempt}
                    from={look}
                    act={act}
                    onAct={onAct}
                    busy={busy}
                    onClose={() => setCloser(false)}
                />
            )}
            {attempt.picturesDescribed && <Described key={look.number} picture={look.observation.picture} />}
        </>
    );
}
