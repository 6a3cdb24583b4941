import * as z from 'zod/mini';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/Field';
import { useCheckedForm, sentence } from '../ui/useCheckedForm';
import { t } from '../words/words';

interface Props {
    open: boolean;
    begun: number;
    onClose: () => void;
    onAnnul: (reason: string) => void;
}

/** An examination counts for nobody any more; everybody reads why. */
export function Annul({ open, begun, onClose, onAnnul }: Props) {
    return (
        <Dialog title={t('given.annul')} open={open} onClose={onClose}>
            <AnnulForm begun={begun} onClose={onClose} onAnnul={onAnnul} />
        </Dialog>
    );
}

function AnnulForm({ begun, onClose, onAnnul }: Omit<Props, 'open'>) {
    const form = useCheckedForm(z.object({ reason: sentence(1, 400, () => t('form.annulment-reason')) }), {
        reason: '',
    });
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={form.sending(({ reason }) => {
                onClose();
                onAnnul(reason);
            })}
        >
            <p>{t('given.annul-about', { count: begun })}</p>
            <TextField label={t('given.annul-reason')} autoFocus {...form.field('reason')} />
            <div className="flex gap-3">
                <Button kind="main" type="submit">
                    {t('given.annul-for-all')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
