import type { DataSheet } from '../../api/types';
import { THIN_SPACE } from '../../words/quantities';
import { number } from '../../words/reader';
import { t } from '../../words/words';

/** What the maker says of the hydraulic unit: its windings and what they are driven with, its motor, the order of bleeding. */
export function UnitSheet({ unit }: { unit: NonNullable<DataSheet['unit']> }) {
    return (
        <dl className="border-t border-slate-line pt-1">
            <dt className="font-semibold">{t('sheet.unit')}</dt>
            {Object.entries(unit.windings).map(([kind, ohms]) => (
                <Line key={kind} name={t(`sheet.winding-${kind}`)} value={`${number(ohms)}${THIN_SPACE}Ω`} />
            ))}
            {Object.entries(unit.amperes).map(([kind, [hold = 0, reduce = 0]]) => (
                <Line
                    key={kind}
                    name={t('sheet.valve-amperes')}
                    value={`0 / ${number(hold)} / ${number(reduce)}${THIN_SPACE}A`}
                />
            ))}
            <Line name={t('sheet.motor')} value={`${number(unit.motorAmperes)}${THIN_SPACE}A`} />
            <Line
                name={t('sheet.bleeding')}
                value={
                    unit.bleedingOrder.length === 0 ? t('nominal.not-given') : unit.bleedingOrder.join(' → ')
                }
            />
        </dl>
    );
}

function Line({ name, value }: { name: string; value: string }) {
    return (
        <dd className="flex justify-between border-b border-slate-line py-0.5">
            <span className="text-slate-soft">{name}</span>
            <span className="tabular text-reading">{value}</span>
        </dd>
    );
}
