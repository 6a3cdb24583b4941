import { useState } from 'react';
import type { ShownPicture } from '../api/types';
import { Button } from '../ui/Button';
import { t } from '../words/words';
import { describePicture } from './describe';

/** For whoever cannot see the picture: what is there, by kind and amount, and no verdict. */
export function Described({ picture }: { picture: ShownPicture }) {
    const [open, setOpen] = useState(false);
    if (!open) {
        return (
            <Button kind="slate-line" onClick={() => setOpen(true)}>
                {t('look-picture.describe')}
            </Button>
        );
    }
    return (
        <section
            aria-label={t('look-picture.described')}
            role="status"
            className="border-t border-slate-line pt-2"
        >
            <h3 className="text-small text-slate-soft">{t('look-picture.described')}</h3>
            <ul className="list-disc pl-4">
                {describePicture(picture).map((line) => (
                    <li key={line}>{line}</li>
                ))}
            </ul>
        </section>
    );
}
