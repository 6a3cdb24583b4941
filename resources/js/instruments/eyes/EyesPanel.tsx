import type { Attempt, Observation } from '../../api/types';
import { looks } from '../../looks/looked';
import { Button } from '../../ui/Button';
import { displayed, shortMinutes } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { hasUnit, lastOf, WHOLE_CAR } from '../../words/card';
import { useShortcuts } from '../../ui/shortcuts';
import { WriteDown } from '../WriteDown';
import { WriteWords, type Shown } from '../WriteWords';
import { LookSeen } from './LookSeen';
import type { PanelProps } from '../room';

const PLACES = ['ring', 'film', 'gap', 'tip', 'cable', 'sensor-plug', 'module-plug', 'tyre'] as const;
const PLACES_OF_A_BRAKE = ['linings', 'brake-line'] as const;
const PLACES_OF_THE_CAR = ['fuse', 'ground', 'fluid'] as const;

/** Looking: at the lamps, and closely at each place of the chosen corner. */
export function EyesPanel({ attempt, channel, busy, act, onAct }: PanelProps) {
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const lamps = () => onAct({ do: 'look-at-lamps' });
    useShortcuts({ v: lamps });
    const last = lastOf(attempt.steps, 'look');
    const pictured = looks(attempt).at(-1);
    const isLast = pictured !== undefined && pictured.number === last?.number;
    return (
        <>
            {isLast && (
                <LookSeen
                    key={pictured.number}
                    attempt={attempt}
                    act={act}
                    onAct={onAct}
                    busy={busy}
                    look={pictured}
                />
            )}
            <Button
                kind="slate-line"
                disabled={busy}
                note={minutes('look-at-lamps')}
                shortcut="V"
                onClick={lamps}
            >
                {t('bay.look-lamps')}
            </Button>
            <h3 className="text-slate-soft">{t(`channel.${channel}`)}</h3>
            <div className="flex flex-col gap-1.5">
                {places(attempt, channel).map((at) => (
                    <Button
                        key={at}
                        kind="slate-line"
                        disabled={busy}
                        note={minutes(`look.${at}`)}
                        onClick={() => onAct({ do: 'look', channel, at })}
                    >
                        {t(`look.${at}`)}
                    </Button>
                ))}
            </div>
            <LastSeen attempt={attempt} act={act} busy={busy} />
        </>
    );
}

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

/** The last look, or the last gauging, and a form to write it down. */
function LastSeen({ attempt, act, busy }: Pick<PanelProps, 'attempt' | 'act' | 'busy'>) {
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
        return (
            <Seen
                title={`${t('work.rock')}, ${rocked.action.channel}`}
                step={rocked.number}
                text={Object.values(rocked.observation.values)
                    .map((word) => t(`felt.${String(word)}`))
                    .join(', ')}
            />
        );
    }
    if (gauged !== undefined && gauged.number > (look?.number ?? 0)) {
        const gap = gauged.observation.values.gap;
        return (
            <>
                <Seen
                    title={`${t('work.gauge')}, ${gauged.action.channel}`}
                    step={gauged.number}
                    text={isNumber(gap) ? displayed(gap) : '–'}
                />
                <WriteDown key={gauged.number} step={gauged} feature="gap" act={act} busy={busy} />
            </>
        );
    }
    if (look === undefined) return null;
    const isPictured = looks(attempt).at(-1)?.number === look.number;
    return (
        <>
            {!isPictured && (
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

function places({ car }: Attempt, channel: string) {
    if (channel === WHOLE_CAR) return PLACES_OF_THE_CAR;
    const links = car.channels.find((one) => one.id === channel)?.links ?? [];
    return [
        ...PLACES,
        ...(links.some((link) => link.name === 'body-plug') ? (['body-plug'] as const) : []),
        ...(hasUnit(car) ? PLACES_OF_A_BRAKE : []),
    ];
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
