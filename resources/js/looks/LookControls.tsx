import type { ShownPicture } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { KeyCap } from '../ui/KeyCap';
import { RangeField } from '../ui/RangeField';
import { t } from '../words/words';
import { TURNED } from './drawings/drawings';
import { TIMES, type Looking } from './useLooking';

const TURNS_ROUND: ShownPicture['drawing'][] = ['ring', 'encoder', 'film'];
/** How far one looks past a part at most. */
const DEGREES = 40;

interface Props {
    drawing: ShownPicture['drawing'];
    looking: Looking;
    /** Somebody turned the wheel as it was looked at. */
    turns: boolean;
}

/** How one looks: past the part or with the wheel turned, where the lamp is held, through which glass. */
export function LookControls({ drawing, looking, turns }: Props) {
    const { view, glass } = looking;
    const round = TURNS_ROUND.includes(drawing);
    return (
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
            {TURNED.includes(drawing) && (
                <Keyed letter="T">
                    <RangeField
                        label={t(round ? 'look-picture.turn-ring' : 'look-picture.turn')}
                        shown={
                            round
                                ? t('look-picture.percent', { percent: Math.round(view.turn * 50) })
                                : t('look-picture.degrees', { degrees: Math.round(view.turn * DEGREES) })
                        }
                        value={view.turn}
                        least={-1}
                        greatest={1}
                        step={0.02}
                        onChange={looking.setTurn}
                    />
                </Keyed>
            )}
            {turns && <Runs looking={looking} />}
            <Keyed letter="L">
                <RangeField
                    label={t('look-picture.light')}
                    shown={t('look-picture.light-at', { percent: Math.round((view.light + 1) * 50) })}
                    value={view.light}
                    least={-1}
                    greatest={1}
                    step={0.1}
                    onChange={looking.setLight}
                />
            </Keyed>
            <div className="flex items-center gap-2">
                <span className="text-small text-ink-soft">{t('look-picture.glass')}</span>
                <Choice
                    label={t('look-picture.glass')}
                    value={String(glass.times)}
                    onChoose={(times) => looking.setTimes(Number(times))}
                    options={TIMES.map((times) => ({
                        value: String(times),
                        label: times === 1 ? t('look-picture.no-glass') : t('look-picture.times', { times }),
                    }))}
                />
                <KeyCap>M</KeyCap>
            </div>
        </div>
    );
}

function Keyed({ letter, children }: { letter: string; children: React.ReactNode }) {
    return (
        <div className="flex min-w-36 flex-1 items-end gap-2">
            <div className="min-w-0 flex-1">{children}</div>
            <KeyCap>{letter}</KeyCap>
        </div>
    );
}

/** Lets the wheel run past as somebody turns it, or holds the picture. */
export function Runs({ looking, onSlate }: { looking: Looking; onSlate?: boolean }) {
    const runs = looking.view.runs === true;
    return (
        <Button kind={onSlate ? 'slate-line' : 'line'} onClick={() => looking.setRuns(!runs)}>
            {t(runs ? 'look-picture.hold' : 'look-picture.run')}
        </Button>
    );
}
