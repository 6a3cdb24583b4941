import type { DataSheet } from '../../api/types';
import { Button } from '../../ui/Button';
import { shortMinutes, THIN_SPACE } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from './SlatePanel';

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
            </>
        );
    }
    return <Sheet sheet={attempt.dataSheet} car={attempt.car.name} channel={channel} />;
}

function Sheet({ sheet, car, channel }: { sheet: DataSheet; car: string; channel: string }) {
    return (
        <>
            <h3>{t('bay.sheet-of', { car })}</h3>
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
                    <Value name={t('bay.teeth')} value={String(axle.teeth)} />
                </dl>
            ))}
            <p className="text-small text-slate-soft">{t('bay.sheet-insulation')}</p>
            <table className="w-full border-t border-slate-line text-left text-small">
                <caption className="pt-1 text-left text-base font-semibold">{t('bay.wiring')}</caption>
                <thead className="text-slate-soft">
                    <tr>
                        {['corner', 'colour', 'sensor-pin', 'module-pin', 'loom'].map((column) => (
                            <th key={column} scope="col" className="font-normal">
                                {t(`sheet.${column}`)}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody className="tabular">
                    {sheet.channels.flatMap((wiring) =>
                        wiring.conductors.map((conductor, row) => (
                            <tr
                                key={`${wiring.channel}${conductor.id}`}
                                className={wiring.channel === channel ? 'text-reading' : 'text-slate-soft'}
                            >
                                <th scope="row" className="font-normal">
                                    {row === 0
                                        ? `${wiring.channel === channel ? '▸' : ''}${wiring.channel}`
                                        : ''}
                                </th>
                                <td>{t(`colour.${conductor.colour}`)}</td>
                                <td>{conductor.sensorPin}</td>
                                <td>{conductor.modulePin}</td>
                                <td>{row === 0 ? `${wiring.loomMetres}${THIN_SPACE}m` : ''}</td>
                            </tr>
                        )),
                    )}
                </tbody>
            </table>
        </>
    );
}

function range({ least, greatest, unit }: DataSheet['axles'][number]['values'][number]): string {
    if (greatest === null) return t('nominal.at-least', { value: `${least}${THIN_SPACE}${unit}` });
    return `${least === greatest ? least : `${least}–${greatest}`}${THIN_SPACE}${unit}`;
}

function Value({ name, value }: { name: string; value: string }) {
    return (
        <dd className="flex justify-between border-b border-slate-line py-0.5">
            <span className="text-slate-soft">{name}</span>
            <span className="tabular text-reading">{value}</span>
        </dd>
    );
}
