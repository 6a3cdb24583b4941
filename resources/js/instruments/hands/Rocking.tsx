import { useState } from 'react';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';

type Rock = Extract<Action, { do: 'rock-wheel' }>;

const GRIPS = ['top-and-bottom', 'front-and-rear'] as const satisfies readonly Rock['at'][];

/** The raised wheel rocked: where both hands take it, and whether somebody holds the brake. */
export function Rocking({
    attempt,
    channel,
    busy,
    onAct,
}: Pick<PanelProps, 'attempt' | 'channel' | 'busy' | 'onAct'>) {
    const [at, setAt] = useState<(typeof GRIPS)[number]>('top-and-bottom');
    const [braked, setBraked] = useState(false);
    const rate = attempt.rates[braked ? 'rock-wheel.braked' : 'rock-wheel'];
    return (
        <div className="flex flex-col gap-1.5">
            <Choice
                onSlate
                label={t('rock.at')}
                value={at}
                onChoose={setAt}
                options={GRIPS.map((one) => ({ value: one, label: t(`rock.${one}`) }))}
            />
            <label className="flex items-center gap-2 text-small">
                <input
                    type="checkbox"
                    className="accent-reading"
                    checked={braked}
                    onChange={({ target }) => setBraked(target.checked)}
                />
                {t('rock.braked')}
            </label>
            <Button
                kind="slate-line"
                disabled={busy}
                note={shortMinutes(rate?.minutes ?? 0)}
                onClick={() => void onAct({ do: 'rock-wheel', channel, at, braked })}
            >
                {t('work.rock')}
            </Button>
        </div>
    );
}
