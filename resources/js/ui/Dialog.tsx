import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { t } from '../words/words';
import { lastFocused } from './lastFocused';

interface Props {
    title: string;
    open: boolean;
    onClose: () => void;
    /** For two columns, or as wide as the page. */
    wide?: boolean | 'page';
    children: ReactNode;
}

const WIDTHS = { false: 'w-120', true: 'w-220', page: 'w-290' };

/** A sheet of paper laid over the page; the focus goes back to where it was opened. */
export function Dialog({ title, open, onClose, wide = false, children }: Props) {
    return (
        <Radix.Root open={open} onOpenChange={(next) => next || onClose()}>
            <Radix.Portal>
                <Radix.Overlay className="fixed inset-0 bg-shade/40" />
                <Radix.Content
                    aria-describedby={undefined}
                    onCloseAutoFocus={(event) => {
                        event.preventDefault();
                        lastFocused()?.focus();
                    }}
                    className={`punched fixed top-1/2 left-1/2 max-h-11/12 max-w-11/12 ${WIDTHS[String(wide) as keyof typeof WIDTHS]} -translate-x-1/2 -translate-y-1/2 overflow-auto border border-ink bg-paper px-5 pt-5 pb-4`}
                >
                    <div className="mb-3 flex items-baseline justify-between gap-4 border-b border-ink pb-1">
                        <Radix.Title className="text-large">{title}</Radix.Title>
                        <Radix.Close className="text-ink-soft underline">{t('app.close')}</Radix.Close>
                    </div>
                    {children}
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    );
}
