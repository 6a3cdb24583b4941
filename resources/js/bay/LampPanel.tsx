import type { Attempt } from '../api/types';
import { Slate } from '../ui/Slate';
import { t } from '../words/words';
import { lastOf } from './card';

const LOOKS: Record<string, string> = {
    abs: 'border-amber text-amber-lit',
    traction: 'border-amber text-amber-lit',
    brake: 'border-red-lit text-red-lit',
};

const MARKS: Record<string, string> = { on: '●', off: '○', blinks: '◐' };

/** The lamps as they were when last looked at. */
export function LampPanel({ attempt }: { attempt: Attempt }) {
    const look = lastOf(attempt.steps, 'look-at-lamps');
    const message = look?.observation.values.message;
    return (
        <Slate label={t('bay.driver-sees')} className="px-3.5 py-2.5">
            <div className="flex justify-between text-small text-slate-soft">
                <span>{t('bay.driver-sees')}</span>
                <span>
                    {look !== undefined && `${t('bay.lamps-then')}, ${t('bay.step', { step: look.number })}`}
                </span>
            </div>
            <ul className="mt-2 grid grid-cols-3 gap-2">
                {attempt.car.lamps.map((lamp) => {
                    const state = String(look?.observation.values[lamp] ?? 'off');
                    const lit = state !== 'off';
                    return (
                        <li
                            key={lamp}
                            className={`rounded-edge border px-2 py-1 ${lit ? `font-bold ${LOOKS[lamp] ?? ''}` : 'border-slate-line text-slate-soft'}`}
                        >
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
                {look === undefined ? t('bay.unknown-lamps') : t(`lamp-message.${String(message)}`)}
            </p>
        </Slate>
    );
}
