import { Popover } from 'radix-ui';
import { t } from '../words/words';

interface Props {
    /** What is explained, as the button is called: "Explain: Gap". */
    what: string;
    text: string;
    onSlate?: boolean;
}

/** A question mark beside something, that says in a few sentences what it is and what one does with it. */
export function Explain({ what, text, onSlate = false }: Props) {
    return (
        <Popover.Root>
            <Popover.Trigger
                aria-label={t('help.explain', { what })}
                className={`inline-flex size-6 shrink-0 items-center justify-center rounded-full border text-small font-bold ${onSlate ? 'border-slate-edge text-slate-text' : 'border-edge text-petrol'}`}
            >
                <span aria-hidden>?</span>
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    collisionPadding={8}
                    sideOffset={4}
                    aria-label={what}
                    className="z-10 max-h-(--radix-popover-content-available-height) w-80 max-w-(--radix-popover-content-available-width) overflow-auto border border-ink bg-paper px-4 py-3"
                >
                    <p className="font-semibold">{what}</p>
                    <p className="whitespace-pre-line">{text}</p>
                    <Popover.Close className="mt-2 text-petrol underline">{t('app.close')}</Popover.Close>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}
