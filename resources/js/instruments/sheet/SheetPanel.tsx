import type { Car, DataSheet } from '../../api/types';
import { Button } from '../../ui/Button';
import { shortMinutes, THIN_SPACE } from '../../words/quantities';
import { t } from '../../words/words';
import { CodeSheet } from './CodeSheet';
import { PartPlaces } from './PartPlaces';
import type { PanelProps } from '../room';
import { WHOLE_CAR } from '../../words/card';
import { WhatItIs } from './WhatItIs';
import { UnitSheet } from './UnitSheet';
import { WiringDiagram } from './WiringDiagram';
import { number } from '../../words/reader';

/** The maker's sheet, once it has been looked up. */
export function SheetPanel({ attempt, channel, busy, onAct }: PanelProps) {
    if (attempt.dataSheet === null) {
        const minutes = attempt.rates['look-up-data-sheet']?.minutes ?? 0;
        return (
            <>
                <p className="text-slate-soft">{t('bay.sheet-missing', { minutes })}</p>
                <Button
                    kind="slate-main"
                    disabled={busy}
                    note={shortMinutes(minutes)}
                    onClick={() => onAct({ do: 'look-up-data-sheet' })}
                >
                    {t('bay.sheet-first')}
                </Button>
                {channel !== WHOLE_CAR && (
                    <WhatItIs key={channel} attempt={attempt} channel={channel} busy={busy} onAct={onAct} />
                )}
            </>
        );
    }
    return (
        <>
            <Sheet sheet={attempt.dataSheet} car={attempt.car} channel={channel} />
            {channel !== WHOLE_CAR && (
                <WhatItIs key={channel} attempt={attempt} channel={channel} busy={busy} onAct={onAct} />
            )}
        </>
    );
}

function Sheet({ sheet, car, channel }: { sheet: DataSheet; car: Car; channel: string }) {
    const shown = car.channels.find((one) => one.id === channel);
    const wiring = sheet.channels.find((one) => one.channel === channel);
    return (
        <>
            <h3>{t('bay.sheet-of', { car: car.name })}</h3>
            <p className="tabular text-small text-slate-soft">
                {t('bay.tyre')} {sheet.tyre}, {t('bay.battery')} {sheet.batteryVolts}
                {THIN_SPACE}V
            </p>
            {sheet.axles.map((axle) => (
                <dl key={axle.axle} className="border-t border-slate-line pt-1">
                    <dt className="font-semibold">{t(`axle.${axle.axle}`)}</dt>
                    <Value name={t('bay.sensor')} value={t(`technology.${axle.technology}`)} />
                    {axle.values.map((one) => (
                        <Value
                            key={one.what + one.unit}
                            name={t(`nominal.${one.what}`, { turns: one.atTurnsPerSecond ?? '' })}
                            value={range(one)}
                        />
                    ))}
                    {blanks(axle).map((what) => (
                        <Value key={what} name={t(`nominal.${what}`)} value={t('nominal.not-given')} />
                    ))}
                    <Value name={t('sheet.stamp')} value={axle.stamp} />
                    <Value name={t('bay.teeth')} value={String(axle.teeth)} />
                    <Value name={t('sheet.gap-setting')} value={t(`gap-setting.${axle.gapSetting}`)} />
                </dl>
            ))}
            <p className="text-small text-slate-soft">{t('bay.sheet-insulation')}</p>
            {shown !== undefined && wiring !== undefined && (
                <>
                    <h4 className="border-t border-slate-line pt-1 font-semibold">
                        {t('sheet.diagram', { channel: t(`place.${channel}`) })}
                    </h4>
                    <WiringDiagram channel={shown} wiring={wiring} />
                </>
            )}
            {sheet.unit !== null && <UnitSheet unit={sheet.unit} />}
            <CodeSheet sheet={sheet} car={car} channel={channel} />
            <dl className="border-t border-slate-line pt-1">
                <dt className="font-semibold">{t('sheet.feed')}</dt>
                <dd className="tabular text-small text-reading">
                    {t('sheet.feed-fuse', { fuse: sheet.feed.fuse, amperes: sheet.feed.fuseAmperes })},{' '}
                    {t('sheet.feed-pins', { supply: sheet.feed.supplyPin, ground: sheet.feed.groundPin })}
                </dd>
            </dl>
            <h4 className="border-t border-slate-line pt-1 font-semibold">{t('sheet.places')}</h4>
            <PartPlaces car={car} places={sheet.places} />
        </>
    );
}

const OF_A_COIL = ['coil', 'gap'];
const OF_ELECTRONICS = ['supply', 'low', 'high', 'gap'];

/** What one would look for and the maker does not give: then comparing left and right must do. */
function blanks({ technology, values }: DataSheet['axles'][number]): string[] {
    const expected = technology === 'passive' ? OF_A_COIL : OF_ELECTRONICS;
    return expected.filter((what) => !values.some((one) => one.what === what));
}

function range({ least, greatest, unit }: DataSheet['axles'][number]['values'][number]): string {
    const written = (value: number | null) => (value === null ? '' : number(value));
    if (greatest === null) return t('nominal.at-least', { value: `${written(least)}${THIN_SPACE}${unit}` });
    return `${least === greatest ? written(least) : `${written(least)}–${written(greatest)}`}${THIN_SPACE}${unit}`;
}

function Value({ name, value }: { name: string; value: string }) {
    return (
        <dd className="flex justify-between border-b border-slate-line py-0.5">
            <span className="text-slate-soft">{name}</span>
            <span className="tabular text-reading">{value}</span>
        </dd>
    );
}
