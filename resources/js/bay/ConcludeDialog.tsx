import { useState } from 'react';
import type { Attempt } from '../api/types';
import { Button } from '../ui/Button';
import { Caution } from '../ui/Caution';
import { Dialog } from '../ui/Dialog';
import { SelectField } from '../ui/Field';
import { OneOf } from '../ui/OneOf';
import { stepsOf, struckOut } from '../words/card';
import { t } from '../words/words';
import type { DoAction } from './useBay';

interface Props {
    attempt: Attempt;
    open: boolean;
    onClose: () => void;
    onAct: DoAction;
}

/** How the car leaves: back to its owner, or on to somebody who makes what is not made here. */
export function ConcludeDialog({ attempt, open, onClose, onAct }: Props) {
    return (
        <Dialog title={t('bay.conclude')} open={open} onClose={onClose}>
            <ConcludeForm attempt={attempt} onClose={onClose} onAct={onAct} />
        </Dialog>
    );
}

const WAYS = ['back', 'over'] as const;

function ConcludeForm({ attempt, onClose, onAct }: Omit<Props, 'open'>) {
    const [way, setWay] = useState<(typeof WAYS)[number]>('back');
    const [to, setTo] = useState(attempt.receivers[0]!);
    const [journey, setJourney] = useState(attempt.journeys[0]!);
    const isOver = way === 'over';
    const struck = struckOut(attempt.steps);
    const isNamed = stepsOf(attempt.steps, 'name-cause').some(({ number }) => !struck.has(number));
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                onClose();
                void onAct(isOver ? { do: 'conclude', to, journey } : { do: 'conclude' });
            }}
        >
            <OneOf
                question={t('handover.question')}
                name="way"
                options={WAYS.map((one) => ({ value: one, label: t(`handover.${one}`) }))}
                value={way}
                onChoose={setWay}
            />
            {isOver && (
                <>
                    <div className="grid grid-cols-2 gap-3">
                        <SelectField
                            label={t('handover.to')}
                            value={to}
                            onChange={({ target }) => setTo(target.value as typeof to)}
                            options={attempt.receivers.map((one) => ({
                                value: one,
                                label: t(`receiver.${one}`),
                            }))}
                        />
                        <SelectField
                            label={t('handover.journey')}
                            value={journey}
                            onChange={({ target }) => setJourney(target.value as typeof journey)}
                            options={attempt.journeys.map((one) => ({
                                value: one,
                                label: t(`journey.${one}`),
                            }))}
                        />
                    </div>
                    {!isNamed && <p role="status">{t('handover.no-cause')}</p>}
                </>
            )}
            <Caution>{t('handover.caution')}</Caution>
            <p>{t('bay.confirm-conclude')}</p>
            <div className="flex gap-3">
                <Button kind="main" type="submit">
                    {t('bay.do-it')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
