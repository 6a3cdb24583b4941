import { useEffect, useState } from 'react';
import type { Attempt } from '../api/types';
import { Slate } from '../ui/Slate';
import { t } from '../words/words';
import { changedSince, lastOf } from '../words/card';
import { Telltale } from './Telltale';

const LOOKS: Record<string, string> = {
    abs: 'border-amber text-amber-lit',
    traction: 'border-amber text-amber-lit',
    brake: 'border-red-lit text-red-lit',
};

const MARKS: Record<string, string> = { on: '●', off: '○', blinks: '◐' };

/** The lamps as they were when last looked at. */
export function LampPanel({ attempt }: { attempt: Attempt }) {
    const look = lastOf(attempt.steps, 'look-at-lamps');
    const values = look?.observation.values ?? {};
    const isOld = look !== undefined && changedSince(attempt.steps, look.number);
    const texts = [
        t(`lamp-message.${String(values.message ?? 'none')}`),
        ...Object.keys(values)
            .filter((name) => name.startsWith('message.'))
            .map((name) => t(`lamp-message.${name.slice('message.'.length)}`)),
    ];
    return (
        <Slate label={t('bay.driver-sees')} className="px-3.5 py-2.5">
            <div className="flex justify-between text-small text-slate-soft">
                <span>{t('bay.driver-sees')}</span>
                <span>
                    {look !== undefined && `${t('bay.lamps-then')}, ${t('bay.step', { step: look.number })}`}
                </span>
            </div>
            <ul
                className={`mt-2 grid grid-cols-3 gap-2 ${isOld ? 'border-l-4 border-dotted border-slate-soft pl-2' : ''}`}
            >
                {attempt.car.lamps.map((lamp) => {
                    const state = String(look?.observation.values[lamp] ?? 'off');
                    const lit = state !== 'off';
                    return (
                        <li
                            key={lamp}
                            className={`rounded-edge border px-2 py-1 ${lit ? `font-bold ${LOOKS[lamp] ?? ''}` : 'border-slate-line text-slate-soft'}`}
                        >
                            {look !== undefined && <Telltale lamp={lamp} state={state} />}
                            <span className="block">{t(`lamp.${lamp}`)}</span>
                            <span>
                                {look === undefined
                                    ? '–'
                                    : `${MARKS[state] ?? '○'} ${t(`lamp-state.${state}`)}`}
                            </span>
                            {look?.observation.values[`bulb.${lamp}`] === 'dark' && (
                                <span className="block text-small font-normal">{t('bay.bulb-dark')}</span>
                            )}
                        </li>
                    );
                })}
            </ul>
            <p className="mt-auto border-t border-slate-line pt-2">
                {isOld && (
                    <span className="block text-small font-semibold">
                        <span aria-hidden>↺ </span>
                        {t('bay.lamps-before')}
                    </span>
                )}
                {look === undefined ? t('bay.unknown-lamps') : <Messages key={look.number} texts={texts} />}
            </p>
        </Slate>
    );
}

const EACH_MILLISECONDS = 2200;

/** A display with one line says several things by turns; all of them are there for whoever listens. */
function Messages({ texts }: { texts: string[] }) {
    const [shown, setShown] = useState(0);
    useEffect(() => {
        if (texts.length < 2) return;
        const turning = window.setInterval(
            () => setShown((one) => (one + 1) % texts.length),
            EACH_MILLISECONDS,
        );
        return () => window.clearInterval(turning);
    }, [texts.length]);
    return (
        <>
            <span aria-hidden>{texts[shown]}</span>
            {texts.length > 1 && (
                <span aria-hidden className="tabular float-right text-small text-slate-soft">
                    {shown + 1}/{texts.length}
                </span>
            )}
            <span className="sr-only">{texts.join('. ')}</span>
        </>
    );
}
