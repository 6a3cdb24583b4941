import { useState } from 'react';
import type { Attempt } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { repairRate } from './stationWork';
import type { RepairKind } from '../words/repairs';
import type { DoAction } from './useBay';

interface Props {
    attempt: Attempt;
    channel: string;
    repair: RepairKind | null;
    onClose: () => void;
    onAct: DoAction;
}

/** A repair with its price, before it is done. */
export function RepairDialog({ attempt, channel, repair, onClose, onAct }: Props) {
    const [routes, setRoutes] = useState(false);
    const isCable = repair === 'repair-loom';
    if (repair === null) return null;
    if (attempt.madeElsewhere.includes(repair))
        return (
            <Dialog title={t('bay.repair')} open onClose={onClose}>
                <p className="mb-4">{t('bay.not-made-here')}</p>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </Dialog>
        );
    const rate = attempt.rates[repairRate(repair, routes)];
    return (
        <ConfirmDialog
            title={t('bay.repair')}
            open
            onClose={onClose}
            onConfirm={() =>
                void onAct({ do: 'repair', kind: repair, channel, ...(isCable ? { routes } : {}) })
            }
        >
            <p className="mb-2">
                {t('bay.confirm-repair', {
                    repair: t(`repair.${repair}`),
                    channel: t(`place.${channel}`),
                    minutes: rate?.minutes ?? 0,
                    money: rate?.money ?? 0,
                })}
            </p>
            {isCable && (
                <label className="mb-2 flex items-start gap-2">
                    <input
                        type="checkbox"
                        className="mt-1"
                        checked={routes}
                        onChange={({ target }) => setRoutes(target.checked)}
                    />
                    {t('bay.repair-routes')}
                </label>
            )}
            <p className="text-ink-soft">{t('bay.repair-hint')}</p>
        </ConfirmDialog>
    );
}
