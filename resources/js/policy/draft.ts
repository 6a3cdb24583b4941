import type { Policy } from '../api/types';
import { typedNumber } from '../words/number';
import { t } from '../words/words';
import { number } from '../words/reader';

type Schools = Policy['schools'];

/** Each school with its sides, the usual one first. */
export const SCHOOLS: [keyof Schools, string[]][] = [
    ['firstTest', ['free', 'least-effort', 'most-telling']],
    ['comparing', ['free', 'stated']],
    ['ohmsOnActive', ['weak', 'invalid']],
    ['twoRepairs', ['cause-open', 'forbidden']],
    ['lampOut', ['read-again', 'enough']],
    ['corrodedPlug', ['clean', 'renew']],
];

/** A policy as it stands in fields: numbers as typed. */
export interface Draft extends Pick<Policy, 'replacing' | 'counsel'> {
    weights: Record<string, string>;
    diagnosisMinutes: string;
    needlessRepair: string;
    /** in percent */
    margin: string;
    /** in percent; empty for no cap */
    safetyCap: string;
    schools: Record<keyof Schools, string>;
}

export function drafted(policy: Policy): Draft {
    return {
        weights: Object.fromEntries(
            Object.entries(policy.weights).map(([name, points]) => [name, String(points)]),
        ),
        diagnosisMinutes: String(policy.diagnosisMinutes),
        needlessRepair: String(policy.needlessRepair),
        margin: number(Math.round(1000 * policy.margin) / 10),
        safetyCap: policy.safetyCap === null ? '' : number(Math.round(1000 * policy.safetyCap) / 10),
        replacing: policy.replacing,
        counsel: policy.counsel,
        schools: { ...policy.schools },
    };
}

/** The policy in the fields, or what is wrong with them. */
export function checked(draft: Draft): { own: Policy | null; errors: Record<string, string>; total: number } {
    const errors: Record<string, string> = {};
    const read = (name: string, text: string, most: number, whole = false) => {
        const value = typedNumber(text) ?? NaN;
        const fits = value >= 0 && value <= most && (!whole || Number.isInteger(value));
        if (!fits) errors[name] = t(whole ? 'policy.whole' : 'policy.number', { most });
        return fits ? value : 0;
    };
    const weights = Object.fromEntries(
        Object.entries(draft.weights).map(([name, text]) => [name, read(name, text, 100, true)]),
    );
    const numbers = {
        diagnosisMinutes: read('diagnosisMinutes', draft.diagnosisMinutes, 1000),
        needlessRepair: read('needlessRepair', draft.needlessRepair, 10000),
        margin: read('margin', draft.margin, 500) / 100,
        safetyCap: draft.safetyCap.trim() === '' ? null : read('safetyCap', draft.safetyCap, 100) / 100,
    };
    if (numbers.diagnosisMinutes === 0) errors.diagnosisMinutes ??= t('policy.above-zero');
    if (weights['first-test']! > 0 !== (draft.schools.firstTest !== 'free'))
        errors.firstTest = t('policy.first-test-points');
    const total = Object.values(weights).reduce((sum, points) => sum + points, 0);
    if (total === 0) errors.safety ??= t('policy.nothing');
    const own = {
        ...numbers,
        weights,
        replacing: draft.replacing,
        counsel: draft.counsel,
        schools: draft.schools as Schools,
    };
    return { own: Object.keys(errors).length > 0 ? null : own, errors, total };
}
