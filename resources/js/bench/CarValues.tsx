import { useState } from 'react';
import type { CaseFields } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';
import { CarValueTree } from './CarValueTree';

type Values = NonNullable<CaseFields['carValues']>;

interface Props {
    car: string;
    /** What the case replaces, by JSON pointer. */
    changed: Values;
    error: string | undefined;
    onChange: (values: Values) => void;
}

/** Which numbers of the car this case has otherwise, and all there are. */
export function CarValues({ car, changed, error, onChange }: Props) {
    const [open, setOpen] = useState(false);
    const count = Object.values(changed).filter((value) => typeof value === 'number').length;
    return (
        <div>
            <Button onClick={() => setOpen(true)} note={count > 0 && t('values.changed-count', { count })}>
                {t('values.open')}
            </Button>
            {error !== undefined && (
                <p role="alert" className="text-small font-semibold">
                    {error}
                </p>
            )}
            <Dialog title={t('values.open')} open={open} onClose={() => setOpen(false)} wide>
                <CarValueTree car={car} changed={changed} onChange={onChange} />
            </Dialog>
        </div>
    );
}
