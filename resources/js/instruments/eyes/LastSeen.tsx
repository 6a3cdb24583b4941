import type { Attempt, Observation } from '../../api/types';
import { looks } from '../../looks/looked';
import { lastOf } from '../../words/card';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { WriteDown } from '../WriteDown';
import { WriteWords, type Shown } from '../WriteWords';
import { Gauged } from './Gauged';
import { LookSeen } from './LookSeen';
import { Rocked } from './Rocked';

/** Each lamp as it is, and as it was when the key was turned on. */
function lampsShown({ car, sights, steps }: Attempt): Shown[] {
    const values = lastOf(steps, 'look-at-lamps')?.observation.values ?? {};
    return [
        ...car.lamps.map((lamp) => ({ feature: lamp, label: t(`lamp.${lamp}`), sights: sights.lamps ?? [] })),
        ...car.lamps
            .filter((lamp) => values[`bulb.${lamp}`] !== undefined)
            .map((lamp) => ({
                feature: `bulb.${lamp}`,
                label: t('write.at-key-on', { lamp: t(`lamp.${lamp}`) }),
                sights: sights.bulbs ?? [],
            })),
    ];
}

type Props = Pick<PanelProps, 'attempt' | 'act' | 'onAct' | 'busy'>;

/** What was last seen, felt or gauged, and a form to write it down. */
export function LastSeen({ attempt, act, onAct, busy }: Props) {
    const look = lastOf(attempt.steps, 'look');
    const gauged = lastOf(attempt.steps, 'gauge-gap');
    const rocked = lastOf(attempt.steps, 'rock-wheel');
    const lamps = lastOf(attempt.steps, 'look-at-lamps');
    const others = Math.max(look?.number ?? 0, gauged?.number ?? 0, rocked?.number ?? 0);
    if (lamps !== undefined && lamps.number > others)
        return (
            <WriteWords key={lamps.number} step={lamps} shown={lampsShown(attempt)} act={act} busy={busy} />
        );
    if (rocked !== undefined && rocked.number > Math.max(look?.number ?? 0, gauged?.number ?? 0)) {
        return <Rocked key={rocked.number} attempt={attempt} step={rocked} act={act} busy={busy} />;
    }
    if (gauged !== undefined && gauged.number > (look?.number ?? 0)) {
        return <Gauged key={gauged.number} attempt={attempt} step={gauged} act={act} busy={busy} />;
    }
    if (look === undefined) return null;
    const pictured = looks(attempt).find((one) => one.number === look.number);
    return (
        <>
            {pictured !== undefined ? (
                <LookSeen
                    key={`${pictured.number} seen`}
                    attempt={attempt}
                    act={act}
                    onAct={onAct}
                    busy={busy}
                    look={pictured}
                />
            ) : (
                <Seen
                    title={t('did.look', {
                        look: t(`look.${look.action.at}`),
                        channel: t(`channel.${look.action.channel}`),
                    })}
                    step={look.number}
                    text={seen(look.observation)}
                />
            )}
            <WriteDown
                key={look.number}
                step={look}
                feature="sight"
                sights={attempt.sights[look.action.at] ?? []}
                harmless={attempt.harmless[look.action.at]}
                act={act}
                busy={busy}
            />
            {(look.observation.values.rubbing !== undefined ||
                'beside' in (look.observation.picture?.shows ?? {})) && (
                <WriteDown
                    key={`${look.number} rubbing`}
                    step={look}
                    feature="rubbing"
                    sights={attempt.sights.rubbing ?? []}
                    act={act}
                    busy={busy}
                />
            )}
        </>
    );
}

/** What was seen in words, of looks made before there were pictures of them. */
function seen({ values }: Observation): string {
    const { sight, blemish, rubbing } = values;
    const touched = typeof rubbing === 'string' ? [t(`sight.${rubbing}`)] : [];
    const mark = typeof blemish === 'string' && blemish !== 'no-blemish' ? [t(`blemish.${blemish}`)] : [];
    return [t(`sight.${String(sight)}`), ...touched, ...mark].join('. ');
}

function Seen({ title, step, text }: { title: string; step: number; text: string }) {
    return (
        <div role="status" className="border-t border-slate-line pt-2">
            <p className="flex justify-between text-small text-slate-soft">
                <span>{title}</span>
                <span>{t('bay.step', { step })}</span>
            </p>
            <p className="text-large text-reading">{text}</p>
        </div>
    );
}
