import { useState } from 'react';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { KeyCap } from '../ui/KeyCap';
import { ROOMS } from '../instruments/rooms';
import { lettersRun, letLettersRun } from '../ui/letters';
import { t } from '../words/words';

const KEYS = [
    'palette',
    'tab',
    'arrows',
    '1-2',
    ...ROOMS.flatMap((room) => room.keys ?? []),
    'L',
    'U',
    'T',
    'P',
    'N',
    'G',
    'B',
    'W',
    'X',
    'E',
    'C',
    'R',
];

interface Props {
    open: boolean;
    onClose: () => void;
    onTour: () => void;
}

/** The keys of the bay. */
export function KeysDialog({ open, onClose, onTour }: Props) {
    const [runs, setRuns] = useState(lettersRun);
    return (
        <Dialog title={t('bay.help')} open={open} onClose={onClose}>
            <Button className="mb-2" onClick={onTour}>
                {t('tour.show-now')}
            </Button>
            <label className="mb-2 flex items-center gap-2">
                <input
                    type="checkbox"
                    checked={runs}
                    onChange={({ target }) => {
                        letLettersRun(target.checked);
                        setRuns(target.checked);
                    }}
                />
                {t('bay.letters')}
            </label>
            <dl>
                {KEYS.map((key) => (
                    <div key={key} className="flex gap-3 border-b border-rule py-1">
                        <dt className="w-16 shrink-0">
                            <KeyCap>{t(`key-name.${key}`)}</KeyCap>
                        </dt>
                        <dd>{t(`key.${key}`)}</dd>
                    </div>
                ))}
            </dl>
        </Dialog>
    );
}
