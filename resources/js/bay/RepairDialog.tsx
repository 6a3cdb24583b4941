import type { Attempt } from '../api/types';
import { t } from '../words/words';
import { ConfirmDialog } from './ConfirmDialog';
import type { RepairKind } from './StationActions';
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
    const rate = attempt.rates[`repair.${repair}`];
    return (
        <ConfirmDialog
            title={t('bay.repair')}
            open={repair !== null}
            onClose={onClose}
            onConfirm={() => repair !== null && void onAct({ do: 'repair', kind: repair, channel })}
        >
            <p className="mb-2">
                {t('bay.confirm-repair', {
                    repair: t(`repair.${repair}`),
                    channel: t(`place.${channel}`),
                    minutes: rate?.minutes ?? 0,
                    money: rate?.money ?? 0,
                })}
            </p>
            <p className="text-ink-soft">{t('bay.repair-hint')}</p>
        </ConfirmDialog>
    );
}
