import type { Car, DataSheet } from '../../api/types';
import { t } from '../../words/words';
import { WHOLE_CAR } from '../../words/card';
import { fixed } from '../../words/reader';

/** What the codes of a corner mean, and how the module is brought to tell them. */
export function CodeSheet({ sheet, car, channel }: { sheet: DataSheet; car: Car; channel: string }) {
    // where codes name ports, which wheel is at which has to be traced by the pins
    const ofCorner = sheet.codes.filter(
        (one) => one.channel === channel || (one.port !== '' && channel !== WHOLE_CAR),
    );
    const ofParts = sheet.codes.filter((one) => !car.channels.some(({ id }) => id === one.channel));
    const codes = channel === WHOLE_CAR ? ofParts : ofCorner;
    const rules = sheet.lampCodes;
    return (
        <>
            {rules !== null && (
                <section className="border-t border-slate-line pt-1 text-small">
                    <h4 className="font-semibold">{t('sheet.lamp-codes')}</h4>
                    <ol className="list-decimal pl-4 text-reading">
                        {steps(rules).map((one) => (
                            <li key={one}>{one}</li>
                        ))}
                    </ol>
                </section>
            )}
            {codes.length > 0 && (
                <dl className="border-t border-slate-line pt-1">
                    <dt className="font-semibold">
                        {channel === WHOLE_CAR
                            ? t('sheet.codes-of-parts')
                            : t('sheet.codes', { channel: t(`place.${channel}`) })}
                    </dt>
                    {codes.map(({ code, channel: part, port, own, failures }) => (
                        <Meaning
                            key={`${code}${part}`}
                            code={own === '' ? code : `${code} (${own})`}
                            meaning={[
                                ...(port !== ''
                                    ? [t('sheet.port', { port })]
                                    : part === channel
                                      ? []
                                      : [partName(part)]),
                                ...failures.map((one) => t(`failure.${one}`)),
                            ].join(', ')}
                        />
                    ))}
                    {rules?.check?.levelCodes[channel] !== undefined && (
                        <>
                            <Meaning code={rules.check.levelCodes[channel]} meaning={t('sheet.level-code')} />
                            <Meaning
                                code={rules.check.steadyCodes[channel] ?? ''}
                                meaning={t('sheet.steady-code')}
                            />
                        </>
                    )}
                </dl>
            )}
        </>
    );
}

function steps({
    clearPresses,
    clearWithinSeconds,
    check,
    cycle,
}: NonNullable<DataSheet['lampCodes']>): string[] {
    return [
        ...(cycle === null
            ? [t('sheet.open-connector')]
            : [t('sheet.cycle-power', { on: cycle.onSeconds, off: cycle.offSeconds })]),
        t('sheet.count'),
        ...(clearPresses > 0
            ? [t('sheet.clear-by-pedal', { times: clearPresses, seconds: clearWithinSeconds })]
            : []),
        ...(cycle !== null && cycle.clearOnSeconds > 0
            ? [t('sheet.clear-by-power', { on: cycle.clearOnSeconds, off: cycle.offSeconds })]
            : []),
        ...(check === null
            ? []
            : [
                  t('sheet.check-mode', { times: check.presses, seconds: check.withinSeconds }),
                  t('sheet.check-drive', {
                      level: fixed(check.levelKilometresPerHour, 1),
                      levelWithin: fixed(check.levelWithinKilometresPerHour, 0),
                      steady: fixed(check.steadyKilometresPerHour, 0),
                      steadyWithin: fixed(check.steadyWithinKilometresPerHour, 0),
                  }),
                  t('sheet.check-ends', { times: check.leavesAfterPresses }),
              ]),
    ];
}

function Meaning({ code, meaning }: { code: string; meaning: string }) {
    return (
        <dd className="flex justify-between gap-3 border-b border-slate-line py-0.5">
            <span className="tabular shrink-0 text-reading">{code}</span>
            <span className="text-right text-slate-soft">{meaning}</span>
        </dd>
    );
}

function partName(part: string): string {
    return part.startsWith('valves.')
        ? t('scan.valves', { channel: t(`place.${part.slice('valves.'.length)}`) })
        : t(`part.${part}`);
}
