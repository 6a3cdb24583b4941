import { fixed } from '../words/reader';
import { t } from '../words/words';
import { KILOMETRES_PER_HOUR, type Shown, percent, phaseAt, sampleAt, secondsOf, spokenPhase } from './drive';

const EVERY_SECONDS = 0.1;

/** A drive as a table: what the pictures draw, tenth of a second by tenth of a second. */
export function MomentsTable({ shown }: { shown: Shown }) {
    const { name, play } = shown;
    const moments = Array.from(
        { length: Math.floor(secondsOf(play) / EVERY_SECONDS) + 1 },
        (_, at) => at * EVERY_SECONDS,
    );
    const columns = [t('road.seconds'), t('road.metres'), t('road.car-kmh'), t('road.aside')];
    return (
        <div
            className="max-h-120 overflow-auto"
            tabIndex={0}
            role="group"
            aria-label={t('road.table-of', { name })}
        >
            <table className="tabular w-full text-right text-small">
                <thead className="border-b border-ink text-left">
                    <tr>
                        {columns.map((column) => (
                            <th key={column} scope="col" className="px-2 font-normal">
                                {column}
                            </th>
                        ))}
                        {play.wheels.map(({ id }) => (
                            <th key={id} scope="col" className="px-2">
                                {t('road.wheel-columns', { wheel: id })}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {moments.map((second) => {
                        const at = sampleAt(play, second);
                        return (
                            <tr key={second} className="border-b border-rule">
                                <th scope="row" className="px-2 font-normal">
                                    {fixed(second, 1)}
                                </th>
                                <td className="px-2">{fixed(play.metres[at]!, 1)}</td>
                                <td className="px-2">{fixed(KILOMETRES_PER_HOUR * play.speed[at]!, 1)}</td>
                                <td className="px-2">
                                    {fixed(
                                        Math.round(100 * (play.aside[at] ?? play.aside.at(-1) ?? 0)) / 100 +
                                            0,
                                        2,
                                    )}
                                </td>
                                {play.wheels.map((wheel) => (
                                    <td key={wheel.id} className="px-2">
                                        {fixed(KILOMETRES_PER_HOUR * wheel.speed[at]!, 1)} ·{' '}
                                        {percent(wheel.slip[at]!)} · {fixed(wheel.grip[at]!, 2)} ·{' '}
                                        {fixed(wheel.bar[at]!, 0)} ·{' '}
                                        {spokenPhase(shown, phaseAt(wheel, second))}
                                    </td>
                                ))}
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </div>
    );
}
