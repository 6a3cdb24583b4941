import { useState } from 'react';
import type { Attempt } from '../api/types';
import type { Bay, DoAction } from '../bay/useBay';
import { WriteDown } from '../instruments/WriteDown';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { shortMinutes } from '../words/quantities';
import { t } from '../words/words';
import { Described } from './Described';
import { LookControls } from './LookControls';
import { LookPicture } from './LookPicture';
import { type Look, lookAt, looks, nameOf, otherSide, seedOf, turnedAt } from './looked';
import { LookedAt } from './LookedAt';
import { mannerOf } from './manners';
import { type Looking, nextGlass, unaided, useLooking } from './useLooking';
import { useLookKeys } from './useLookKeys';

interface Props {
    attempt: Attempt;
    /** The look that is opened. */
    from: Look;
    act: Bay['act'];
    onAct: DoAction;
    busy: boolean;
    onClose: () => void;
}

/** A look taken at leisure: the picture large, the other side beside it in the same light, all looks so far, and the line for the card. */
export function CloserLook({ attempt, from, act, onAct, busy, onClose }: Props) {
    const [number, choose] = useState(from.number);
    const all = looks(attempt);
    const shown = all.find((one) => one.number === number) ?? from;
    const turnsPerSecond = turnedAt(attempt, shown);
    const isPassed = mannerOf(shown.observation.picture) === 'in-passing';
    const held = useLooking(turnsPerSecond);
    const looking = isPassed ? unaided(held) : held;
    useLookKeys(looking);
    const { at, channel } = shown.action;
    const side = otherSide(attempt.car, channel);
    return (
        <Dialog title={t('look-picture.title')} open onClose={onClose} wide="page">
            <div role="group" aria-label={t('look-picture.title')} className="flex min-w-0 flex-col gap-3">
                <div
                    className={`grid gap-4 narrow:grid-cols-1 ${side === undefined ? 'grid-cols-[minmax(0,32rem)_minmax(0,1fr)]' : 'grid-cols-[minmax(0,5fr)_minmax(0,3.4fr)_minmax(0,3fr)]'}`}
                >
                    <div className="flex flex-col gap-2">
                        <Figure look={shown} looking={looking} />
                        {isPassed ? (
                            <p className="text-small text-ink-soft">{t('look-picture.passed')}</p>
                        ) : (
                            <LookControls
                                drawing={shown.observation.picture.drawing}
                                looking={looking}
                                turns={turnsPerSecond > 0}
                            />
                        )}
                    </div>
                    {side !== undefined && (
                        <OtherSide
                            attempt={attempt}
                            side={side}
                            at={at}
                            looking={looking}
                            busy={busy}
                            onLook={() => onAct({ do: 'look', channel: side, at })}
                        />
                    )}
                    <div className="on-slate flex flex-col gap-2 rounded-part bg-slate p-3 text-slate-text">
                        <WriteDown
                            key={shown.number}
                            step={shown}
                            feature="sight"
                            sights={attempt.sights[at] ?? []}
                            harmless={attempt.harmless[at]}
                            act={act}
                            busy={busy}
                        />
                        {attempt.picturesDescribed && <Described picture={shown.observation.picture} />}
                    </div>
                </div>
                <LookedAt car={attempt.car} all={all} chosen={shown} onChoose={choose} />
                <p className="text-small text-ink-soft">{t('look-picture.seen')}</p>
            </div>
        </Dialog>
    );
}

/** One picture with its place, under the pointer or by arrows the glass. */
function Figure({ look, looking }: { look: Look; looking: Looking }) {
    const name = nameOf(look.action);
    return (
        <figure className="min-w-0">
            <figcaption className="flex items-baseline justify-between gap-2 pb-1">
                <span className="font-semibold">{name}</span>
                <span className="text-small text-ink-soft">
                    {t('look-picture.stood', { step: look.number })}
                </span>
            </figcaption>
            <div className="relative border border-edge">
                <LookPicture
                    picture={look.observation.picture}
                    seed={seedOf(look)}
                    label={t('look-picture.label', { name, step: look.number })}
                    view={looking.view}
                    glass={looking.glass}
                />
                <button
                    type="button"
                    aria-label={t('look-picture.field')}
                    onClick={() => looking.setTimes(nextGlass(looking.glass.times))}
                    onPointerMove={looking.point}
                    onKeyDown={(event) => looking.move(event.key) && event.preventDefault()}
                    className="absolute inset-0 size-full"
                />
            </div>
        </figure>
    );
}

interface OtherProps {
    attempt: Attempt;
    side: string;
    at: Look['action']['at'];
    looking: Looking;
    busy: boolean;
    onLook: () => void;
}

/** The same place on the other side; empty until somebody has looked there, which costs its minutes. */
function OtherSide({ attempt, side, at, looking, busy, onLook }: OtherProps) {
    const other = lookAt(looks(attempt), side, at);
    return (
        <div className="flex flex-col gap-2">
            {other === undefined ? (
                <>
                    <p className="font-semibold">
                        {t('look-picture.other', { channel: t(`channel.${side}`) })}
                    </p>
                    <div className="grid aspect-4/3 place-content-center gap-3 border border-dashed border-edge p-4 text-center">
                        <p className="text-ink-soft">{t('look-picture.not-yet')}</p>
                        <Button
                            disabled={busy}
                            note={shortMinutes(attempt.rates[`look.${at}`]?.minutes ?? 0)}
                            onClick={onLook}
                        >
                            {t('look-picture.look-there')}
                        </Button>
                    </div>
                </>
            ) : (
                <Figure look={other} looking={looking} />
            )}
            <p className="text-small text-ink-soft">{t('look-picture.tied')}</p>
            <p className="text-small text-ink-soft">{t('look-picture.harmless')}</p>
        </div>
    );
}
