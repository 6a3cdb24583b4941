import type { Attempt } from '../api/types';
import type { Instrument } from './slate/SlatePanel';

export type Tool = Attempt['withheld'][number];

/** All that a case may withhold, in the order they lie on the trolley. */
export const TOOLS: Tool[] = [
    'meter',
    'scope',
    'jumpers',
    'generator',
    'bench-supply',
    'live-data',
    'actuator-tests',
    'gauge',
    'swap',
    'trial-parts',
    'data-sheet',
];

/** The panels of the slate that rest on tools; each is there while one of them is. */
const PANELS: Partial<Record<Instrument, Tool[]>> = {
    meter: ['meter'],
    scope: ['scope'],
    leads: ['jumpers', 'generator', 'bench-supply'],
    sheet: ['data-sheet'],
};

export function has({ withheld }: Pick<Attempt, 'withheld'>, tool: Tool): boolean {
    return !withheld.includes(tool);
}

export function hasPanel(attempt: Pick<Attempt, 'withheld'>, panel: Instrument): boolean {
    return PANELS[panel]?.some((tool) => has(attempt, tool)) ?? true;
}
