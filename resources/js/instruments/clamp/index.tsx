import { useState, type ReactNode } from 'react';
import type { Action } from '../../api/types';
import { padName, SWITCH } from '../../strip/padName';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { SelectField } from '../../ui/Field';
import { useShortcuts } from '../../ui/shortcuts';
import { lastOf, WHOLE_CAR } from '../../words/card';
import { shortMinutes, THIN_SPACE } from '../../words/quantities';
import { t } from '../../words/words';
import { BigReading } from '../BigReading';
import { commandsAt, Meanwhile, withCommands } from '../Meanwhile';
import type { PanelProps, Room } from '../room';
import { WriteDown } from '../WriteDown';
import { number } from '../../words/reader';

type Clamp = Extract<Action, { do: 'clamp-current' }>;

const RANGES: Clamp['fullScale'][] = [2, 40];
const ZEROS = ['zeroed', 'as-it-is'] as const;

/** The current clamp: the wire behind a pad, at first that of the first lead; a range, its zero, a display. */
function ClampPanel({ attempt, channel, busy, act, onAct, leads }: PanelProps) {
    const last = lastOf(attempt.steps, 'clamp-current');
    const [fullScale, setFullScale] = useState(last?.action.fullScale ?? 2);
    const [zero, setZero] = useState<(typeof ZEROS)[number]>('zeroed');
    const pads = attempt.car.pads.filter((one) => one.channel === (channel === WHOLE_CAR ? '' : channel));
    const [pad, setPad] = useState('');
    const at = [pad, leads.one].find((one) => pads.some(({ id }) => id === one)) ?? '';
    const ready = at !== '';
    const [also, setAlso] = useState('');
    const [commands, setCommands] = useState<string[]>([]);
    const atUnit = isUnitWire(at);
    const second = atUnit && also !== at ? also : '';
    const meanwhile = commandsAt(attempt, [at], commands);
    const read = () =>
        ready &&
        onAct({
            do: 'clamp-current',
            at,
            fullScale,
            zeroed: zero === 'zeroed',
            ...(second === '' ? {} : { alsoAt: [second] }),
            ...(meanwhile.length > 0 ? { while: meanwhile } : {}),
        });
    useShortcuts({ k: read });

    return (
        <>
            <BigReading
                label={t('clamp.last')}
                shown={last?.observation.values.current}
                step={last}
                settings={last === undefined ? '' : setting(last.action)}
            />
            <SelectField
                onSlate
                label={t('clamp.wire')}
                value={at}
                onChange={({ target }) => setPad(target.value)}
                options={[
                    { value: '', label: t('clamp.no-wire') },
                    ...pads.map(({ id }) => ({ value: id, label: padName(attempt.car, id) })),
                ]}
            />
            {atUnit && (
                <SelectField
                    onSlate
                    label={t('clamp.also')}
                    value={second}
                    onChange={({ target }) => setAlso(target.value)}
                    options={[
                        { value: '', label: t('clamp.none') },
                        ...pads
                            .filter(({ id }) => isUnitWire(id) && id !== at)
                            .map(({ id }) => ({ value: id, label: padName(attempt.car, id) })),
                    ]}
                />
            )}
            <Meanwhile attempt={attempt} pads={[at]} commands={commands} onCommands={setCommands} />
            <div className="grid grid-cols-[2fr_3fr] gap-2">
                <Labelled label={t('clamp.range')}>
                    <Choice
                        onSlate
                        label={t('clamp.range')}
                        value={String(fullScale)}
                        onChoose={(range) =>
                            setFullScale(RANGES.find((one) => String(one) === range) ?? fullScale)
                        }
                        options={RANGES.map((one) => ({ value: String(one), label: rangeName(one) }))}
                    />
                </Labelled>
                <Labelled label={t('clamp.zero')}>
                    <Choice
                        onSlate
                        label={t('clamp.zero')}
                        value={zero}
                        onChoose={setZero}
                        options={ZEROS.map((value) => ({ value, label: t(`clamp.${value}`) }))}
                    />
                </Labelled>
            </div>
            <Button
                kind="slate-main"
                disabled={busy || !ready}
                onClick={read}
                shortcut="K"
                note={shortMinutes(attempt.rates[`clamp-current.${zero}`]?.minutes ?? 0)}
            >
                {t('clamp.take')}
            </Button>
            {last !== undefined && last.observation.refusal === '' && (
                <WriteDown key={last.number} step={last} feature="current" act={act} busy={busy} />
            )}
            <p className="mt-auto text-small text-slate-soft">{t('caution.clamp')}</p>
        </>
    );
}

function Labelled({ label, children }: { label: string; children: ReactNode }) {
    return (
        <div>
            <span aria-hidden className="block text-small text-slate-soft">
                {label}
            </span>
            {children}
        </div>
    );
}

function setting({ fullScale, zeroed }: Clamp): string {
    return `${t('clamp.range')} ${rangeName(fullScale)}, ${t(zeroed ? 'clamp.was-zeroed' : 'clamp.was-not-zeroed')}`;
}

function rangeName(fullScale: number): string {
    return `${number(fullScale)}${THIN_SPACE}A`;
}

export const room: Room = {
    name: 'clamp',
    position: 3,
    tools: ['clamp'],
    Panel: ClampPanel,
    keys: ['K'],
    acts: ['clamp.take'],
    shows: ['clamp-current'],
    told: {
        'clamp-current': (car, action) =>
            withCommands(
                t(action.zeroed ? 'did.clamp-current' : 'did.clamp-unzeroed', {
                    pad: [action.at, ...(action.alsoAt ?? [])].map((pad) => padName(car, pad)).join(' + '),
                }),
                action.while,
            ),
    },
    sources: { 'clamp-current': { asItStood: true } },
};

/** Wires of the hydraulic unit itself, of which several fit into the clamp. */
function isUnitWire(pad: string): boolean {
    return pad.startsWith('unit.') && !pad.startsWith(SWITCH);
}
