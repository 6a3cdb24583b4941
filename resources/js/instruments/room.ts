import type { ComponentType } from 'react';
import type { Action, Attempt, Car, Observation } from '../api/types';
import type { RepairKind } from '../words/repairs';
import type { Bay, DoAction } from '../bay/useBay';
import type { Leads } from '../strip/Board';
import type { Tool } from './tools';

export interface PanelProps {
    attempt: Attempt;
    channel: string;
    busy: boolean;
    act: Bay['act'];
    onAct: DoAction;
    leads: Leads;
    onRepair: (kind: RepairKind) => void;
}

/** How an action of each kind is told in one line. */
export type Told = { [K in Action['do']]?: (car: Car, action: Extract<Action, { do: K }>) => string };

/** How the values of an observation of each kind are told: a word, or what stands before a number. */
export interface Shown {
    /** What a word means; nothing where it goes without saying. */
    word?: (name: string, word: string) => string[];
    /** What a number is, where the observation shows several. */
    number?: (name: string) => string;
    /** Instead of all that, one line for the whole. */
    whole?: (values: Observation['values']) => string;
}

/** What a reading written on the card says about where it comes from. */
export interface Source {
    /** Which of several things a step showed. */
    which?: (feature: string) => string;
    /** Key, plugs and wheel as they were belong to it. */
    asItStood?: true;
}

/** One tab of the slate, with all it needs to be shown and told. */
export interface Room {
    /** Its word stands under "slate." */
    name: string;
    /** Where its tab stands among the others. */
    position: number;
    /** Tools a case may withhold; the panel is there while one of them is. None: it is always there. */
    tools: Tool[];
    /** Further tools that are used here without the panel resting on them. */
    also?: Tool[];
    /** Cars it is of use on; every one where nothing is said. */
    fits?: (car: Car) => boolean;
    Panel: ComponentType<PanelProps>;
    /** Keys that act while it is in hand; each has its words under "key." and "key-name.". */
    keys?: string[];
    /** Word keys of what its panel does at the press of a button; found by typing from anywhere. */
    acts: string[];
    /** Kinds of actions after which this panel comes to the front. */
    shows: Action['do'][];
    told: Told;
    /** By kind of observation. */
    shown?: { [K in Observation['kind']]?: Shown };
    sources?: { [K in Action['do']]?: Source };
}
