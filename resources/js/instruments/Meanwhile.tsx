import type { Attempt } from '../api/types';
import { SelectField } from '../ui/Field';
import { t } from '../words/words';
import { has } from './tools';

interface Props {
    attempt: Attempt;
    /** Pads in question; away from the hydraulic unit nothing is asked. */
    pads: string[];
    commands: string[];
    onCommands: (commands: string[]) => void;
}

const MODULATIONS = ['reduce', 'hold'] as const;

/** What the terminal has the hydraulic unit do while something is measured there: nothing, the pump, one valve or two. */
export function Meanwhile({ attempt, pads, commands, onCommands }: Props) {
    if (!canCommand(attempt, pads)) return null;
    const wheels = attempt.car.brakeParts
        .filter((part) => part.startsWith('valves.'))
        .map((part) => part.slice(7));
    const valves = MODULATIONS.flatMap((how) => wheels.map((wheel) => `${how}.${wheel}`));
    const [first = '', second = ''] = commands;
    const options = (without: string) => [
        { value: '', label: t('meanwhile.nothing') },
        ...[...(without === '' ? ['pump'] : []), ...valves]
            .filter((value) => without === '' || wheelOf(value) !== wheelOf(without))
            .map((value) => ({ value, label: spokenCommand(value) })),
    ];
    return (
        <div className="grid grid-cols-2 gap-2">
            <SelectField
                onSlate
                label={t('meanwhile.title')}
                value={first}
                onChange={({ target }) => onCommands(target.value === '' ? [] : [target.value])}
                options={options('')}
            />
            {first.includes('.') && (
                <SelectField
                    onSlate
                    label={t('meanwhile.and')}
                    value={second}
                    onChange={({ target }) =>
                        onCommands(target.value === '' ? [first] : [first, target.value])
                    }
                    options={options(first)}
                />
            )}
        </div>
    );
}

/** Whether the terminal is at hand, and a lead at the unit. */
export function canCommand(attempt: Attempt, pads: string[]): boolean {
    return (
        has(attempt, 'actuator-tests') &&
        attempt.car.codesBy === 'scan' &&
        pads.some((pad) => pad.startsWith('unit.'))
    );
}

/** "FL reduces", "runs the pump". */
export function spokenCommand(command: string): string {
    return command.includes('.')
        ? t(`meanwhile.${command.startsWith('hold') ? 'hold' : 'reduce'}`, { wheel: wheelOf(command) })
        : t('meanwhile.pump');
}

/** A line of what was done, with what the terminal did meanwhile. */
export function withCommands(what: string, commands: string[] = []): string {
    return commands.length === 0
        ? what
        : t('meanwhile.did', { what, commands: commands.map(spokenCommand).join(', ') });
}

function wheelOf(command: string): string {
    return command.split('.')[1] ?? '';
}
