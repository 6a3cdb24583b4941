import { Command } from 'cmdk';
import { useEffect, useState } from 'react';
import { Dialog } from '../ui/Dialog';
import { KeyCap } from '../ui/KeyCap';
import { t } from '../words/words';
import { doable, type Doable } from './doable';

/** Everything that can be done here, found by typing a part of its name. Opened with Ctrl and K. */
export function Palette() {
    const [found, setFound] = useState<Doable[] | null>(null);
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return;
            event.preventDefault();
            if (document.querySelector('[role=dialog]') === null) setFound(doable());
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
    return (
        <Dialog title={t('app.palette')} open={found !== null} onClose={() => setFound(null)}>
            <Command label={t('app.palette')}>
                <Command.Input
                    autoFocus
                    aria-label={t('app.palette-hint')}
                    placeholder={t('app.palette-hint')}
                    className="mb-2 w-full rounded-edge border border-ink-soft px-2 py-1"
                />
                <Command.List aria-label={t('app.palette')} className="max-h-80 overflow-auto">
                    <Command.Empty className="px-2 py-1">{t('app.palette-nothing')}</Command.Empty>
                    {found?.map(({ name, shortcut, run }) => (
                        <Command.Item
                            key={name}
                            value={name}
                            onSelect={() => {
                                setFound(null);
                                setTimeout(run); // once the dialog has given the focus back
                            }}
                            className="flex justify-between gap-3 border-b border-rule px-2 py-1.5 data-[selected=true]:bg-petrol data-[selected=true]:text-on-ink"
                        >
                            <span>{name}</span>
                            {shortcut !== '' && <KeyCap>{shortcut}</KeyCap>}
                        </Command.Item>
                    ))}
                </Command.List>
            </Command>
        </Dialog>
    );
}
