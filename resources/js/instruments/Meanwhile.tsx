import type { Attempt } from '../api/types';
import { SWITCH } from '../strip/padName';
import { SelectField } from '../ui/Field';
import { t } from '../words/words';
import { has } from './tools';

interface Props {
    attempt: Attempt;
    /** Pads in question; away from the hydraulic unit and the switches nothing is asked. */
    pads: string[];
    commands: string[];
    onCommands: (commands: string[]) => void;
}

const MODULATIONS = ['reduce', 'hold'] as const;

/** Before a switch that a hand works. */
const WORK = 'work.';

/**
 * What goes on at the brakes while something is measured there: the terminal, or the switch box where none reaches the module, runs the pump, one valve or two;
 * at a switch, a hand works it.
 */
export function Meanwhile({ attempt, pads, commands, onCommands }: Props) {
    const [firsts, title] = offered(attempt, pads);
    if (firsts.length === 0) return null;
    const [first = '', second = ''] = commands.filter((one) => firsts.includes(one));
    const options = (those: string[]) => [
        { value: '', label: t('meanwhile.nothing') },
        ...those.map((value) => ({ value, label: spokenCommand(value) })),
    ];
    const seconds = firsts.filter((one) => isValve(one) && wheelOf(one) !== wheelOf(first));
    return (
        <div className="grid grid-cols-2 gap-2">
            <SelectField
                onSlate
                label={t(title)}
                value={first}
                onChange={({ target }) => onCommands(target.value === '' ? [] : [target.value])}
                options={options(firsts)}
            />
            {isValve(first) && (
                <SelectField
                    onSlate
                    label={t('meanwhile.and')}
                    value={second}
                    onChange={({ target }) =>
                        onCommands(target.value === '' ? [first] : [first, target.value])
                    }
                    options={options(seconds)}
                />
            )}
        </div>
    );
}

/** Of what was chosen, what can go on while these pads are measured. */
export function commandsAt(attempt: Attempt, pads: string[], commands: string[]): string[] {
    const [firsts] = offered(attempt, pads);
    return commands.filter((one) => firsts.includes(one));
}

/** What can go on meanwhile, and who does it. */
function offered(attempt: Attempt, pads: string[]): [string[], string] {
    const { car } = attempt;
    const at = pads.find((pad) => pad.startsWith(SWITCH));
    if (at !== undefined)
        return [[WORK + (at.slice(SWITCH.length).split('.')[0] ?? '')], 'meanwhile.by-hand'];
    if (!has(attempt, 'actuator-tests') || !pads.some((pad) => pad.startsWith('unit.'))) return [[], ''];
    const wheels = car.brakeParts.filter((part) => part.startsWith('valves.')).map((part) => part.slice(7));
    return [
        ['pump', ...MODULATIONS.flatMap((how) => wheels.map((wheel) => `${how}.${wheel}`))],
        car.codesBy === 'scan' ? 'meanwhile.title' : 'meanwhile.by-box',
    ];
}

/** "FL reduces", "runs the pump", "somebody presses the pedal". */
export function spokenCommand(command: string): string {
    if (command.startsWith(WORK)) return t(`meanwhile.${command}`);
    return isValve(command)
        ? t(`meanwhile.${command.startsWith('hold') ? 'hold' : 'reduce'}`, { wheel: wheelOf(command) })
        : t('meanwhile.pump');
}

/** A line of what was done, with what went on meanwhile. */
export function withCommands(what: string, commands: string[] = []): string {
    const [first] = commands;
    if (first === undefined) return what;
    return t(first.startsWith(WORK) ? 'meanwhile.did-by-hand' : 'meanwhile.did', {
        what,
        commands: commands.map(spokenCommand).join(', '),
    });
}

function isValve(command: string): boolean {
    return MODULATIONS.some((how) => command.startsWith(`${how}.`));
}

function wheelOf(command: string): string {
    return command.split('.')[1] ?? '';
}
