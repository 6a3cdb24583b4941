import type { ReactNode } from 'react';
import { Button } from './Button';
import { Dialog } from './Dialog';
import { t } from '../words/words';

interface Props {
    title: string;
    open: boolean;
    onClose: () => void;
    onConfirm: () => void;
    children: ReactNode;
}

export function ConfirmDialog({ title, open, onClose, onConfirm, children }: Props) {
    return (
        <Dialog title={title} open={open} onClose={onClose}>
            <div className="mb-4">{children}</div>
            <div className="flex gap-3">
                <Button
                    kind="main"
                    onClick={() => {
                        onClose();
                        onConfirm();
                    }}
                >
                    {t('bay.do-it')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </Dialog>
    );
}
