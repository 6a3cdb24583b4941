import type { Action, Attempt } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { shortMinutes } from '../words/quantities';
import { t } from '../words/words';
import { allTheSame } from './sitsFast';
import type { DoAction } from './useBay';

interface Props {
    attempt: Attempt;
    /** What was to be done, and would draw the sensor out; null where nothing is asked. */
    action: Action | null;
    onAct: DoAction;
    onClose: () => void;
}

/** A sensor that sits fast may break when it is drawn out: whoever wants to is asked first. */
export function SitsFastDialog({ attempt, action, onAct, onClose }: Props) {
    const minutes = shortMinutes(attempt.rates['seized-sensor']?.minutes ?? 0);
    return (
        <Dialog title={t('sits-fast.title')} open={action !== null} onClose={onClose}>
            <p className="mb-4">{t('sits-fast.text', { minutes })}</p>
            <div className="flex gap-3">
                <Button kind="main" onClick={onClose}>
                    {t('sits-fast.leave')}
                </Button>
                <Button
                    onClick={() => {
                        onClose();
                        if (action !== null) void onAct(allTheSame(action));
                    }}
                >
                    {t('sits-fast.draw')}
                </Button>
            </div>
        </Dialog>
    );
}
