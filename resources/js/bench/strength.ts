import type { FaultKind } from '../api/types';
import { THIN_SPACE } from '../words/quantities';
import { typedNumber } from '../words/number';
import { t } from '../words/words';
import { number } from '../words/reader';

/** How many of the edited unit make one of the stored: gaps in millimetres, shares in percent. */
const EDITED: Partial<Record<FaultKind['unit'], number>> = { metres: 1000, share: 100 };

/** A strength in the unit it is edited in. */
export function edited(kind: Pick<FaultKind, 'unit'>, strength: number): string {
    return number(Math.round(strength * (EDITED[kind.unit] ?? 1) * 1e6) / 1e6);
}

export function parsed(kind: Pick<FaultKind, 'unit'>, text: string): number {
    return (typedNumber(text) ?? NaN) / (EDITED[kind.unit] ?? 1);
}

export function spoken(kind: FaultKind, strength: number): string {
    const unit = kind.unit === 'teeth' && strength === 1 ? 'tooth' : kind.unit;
    return unit === 'none' ? '' : `${edited(kind, strength)}${THIN_SPACE}${t(`strength.${unit}`)}`;
}

/** The strength of a setting, the catalogue's middle one where none is set. */
export function strengthOf(kind: FaultKind, strength?: number): number {
    return strength ?? kind.strengths[Math.floor(kind.strengths.length / 2)] ?? 0;
}
