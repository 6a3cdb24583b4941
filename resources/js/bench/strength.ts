import type { FaultKind } from '../api/types';
import { THIN_SPACE } from '../words/quantities';
import { t } from '../words/words';

const MILLIMETRES = 1000;

/** A strength in the unit it is edited in: gaps in millimetres, all else as it is. */
export function edited(kind: FaultKind, strength: number): string {
    return kind.unit === 'metres' ? String(Math.round(strength * MILLIMETRES * 1e6) / 1e6) : String(strength);
}

export function parsed(kind: FaultKind, text: string): number {
    const value = Number(text.replace(',', '.'));
    return kind.unit === 'metres' ? value / MILLIMETRES : value;
}

export function spoken(kind: FaultKind, strength: number): string {
    return kind.unit === 'none' ? '' : `${edited(kind, strength)}${THIN_SPACE}${t(`strength.${kind.unit}`)}`;
}

/** The strength of a setting, the catalogue's middle one where none is set. */
export function strengthOf(kind: FaultKind, strength?: number): number {
    return strength ?? kind.strengths[Math.floor(kind.strengths.length / 2)] ?? 0;
}
