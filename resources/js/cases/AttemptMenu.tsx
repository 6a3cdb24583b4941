import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { AttemptRow } from '../api/types';
import { t } from '../words/words';
import { ConcedeDialog, type ConcessionKind } from './ConcedeDialog';
import { SayDialog } from './SayDialog';

const ITEM = 'cursor-pointer px-3 py-1.5 outline-none data-highlighted:bg-petrol-tint';

/** What can be done for one who is at work, or was: a word, time, the job reopened, a fresh car. */
export function AttemptMenu({ of }: { of: AttemptRow }) {
    const [saying, setSaying] = useState(false);
    const [gives, setGives] = useState<ConcessionKind | null>(null);
    const isOpen = of.concludedAt === null;
    const kinds: ConcessionKind[] = [
        ...(isOpen ? (['time'] as const) : (['reopened'] as const)),
        'fresh-car',
    ];
    return (
        <>
            <DropdownMenu.Root modal={false}>
                <DropdownMenu.Trigger
                    aria-label={t('lesson.more-of', { name: of.apprentice })}
                    className="rounded-edge border border-petrol px-2 text-small whitespace-nowrap text-petrol hover:bg-petrol-tint"
                >
                    {t('cases.more')} ▾
                </DropdownMenu.Trigger>
                <DropdownMenu.Content align="end" className="z-10 border border-ink bg-paper py-1">
                    {isOpen && (
                        <DropdownMenu.Item className={ITEM} onSelect={() => setSaying(true)}>
                            {t('lesson.say-something')}
                        </DropdownMenu.Item>
                    )}
                    {kinds.map((kind) => (
                        <DropdownMenu.Item key={kind} className={ITEM} onSelect={() => setGives(kind)}>
                            {t(`lesson.give.${kind}`)}
                        </DropdownMenu.Item>
                    ))}
                </DropdownMenu.Content>
            </DropdownMenu.Root>
            <SayDialog
                assignment={saying ? of.assignment : null}
                attempt={of.id}
                to={of.apprentice}
                onClose={() => setSaying(false)}
            />
            <ConcedeDialog of={of} kind={gives} onClose={() => setGives(null)} />
        </>
    );
}
