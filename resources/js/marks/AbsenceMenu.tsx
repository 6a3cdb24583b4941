import { useMutation, useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { api, taken } from '../api/client';
import { t } from '../words/words';

const ITEM = 'cursor-pointer px-3 py-1 outline-none data-highlighted:bg-petrol-tint';

type Kind = 'absent' | 'excused' | 'interrupted' | null;

interface Props {
    /** What is said of it to whoever does not see it. */
    label: string;
    /** As it stands. */
    text: string;
    assignment: number;
    person: number;
    /** What can be noted of it; null: neither. */
    kinds: Kind[];
    /** Whether another fault can be given for it. */
    canMakeUp: boolean;
}

/** Whether somebody was absent, is excused or was interrupted: a state, not a nought; and the make-up for it. */
export function AbsenceMenu({ label, text, assignment, person, kinds, canMakeUp }: Props) {
    const queries = useQueryClient();
    const note = useMutation({
        mutationFn: (kind: Kind) =>
            taken(
                api.PUT('/api/assignments/{assignment}/people/{person}', {
                    params: { path: { assignment, person } },
                    body: { kind },
                }),
            ),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['marks'] }),
    });
    const makeUp = useMutation({
        mutationFn: () =>
            taken(
                api.POST('/api/assignments/{assignment}/people/{person}/make-up', {
                    params: { path: { assignment, person } },
                }),
            ),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['marks'] }),
    });
    return (
        <>
            <DropdownMenu.Root modal={false}>
                <DropdownMenu.Trigger
                    aria-label={label}
                    disabled={note.isPending}
                    className="-ml-1 rounded-edge px-1 text-ink-soft hover:bg-petrol-tint"
                >
                    {text} <span aria-hidden>▾</span>
                </DropdownMenu.Trigger>
                <DropdownMenu.Content align="start" className="z-10 border border-ink bg-paper py-1">
                    {kinds.map((kind) => (
                        <DropdownMenu.Item
                            key={kind ?? 'none'}
                            className={ITEM}
                            onSelect={() => note.mutate(kind)}
                        >
                            {t(`marks.note-${kind ?? 'none'}`)}
                        </DropdownMenu.Item>
                    ))}
                    {canMakeUp && (
                        <DropdownMenu.Item className={ITEM} onSelect={() => makeUp.mutate()}>
                            {t('marks.make-up')}
                        </DropdownMenu.Item>
                    )}
                </DropdownMenu.Content>
            </DropdownMenu.Root>
            {makeUp.isSuccess && <span role="status">✓ {t('marks.make-up-given')}</span>}
            {makeUp.isError && <p role="alert">{makeUp.error.message}</p>}
            {note.isError && <p role="alert">{note.error.message}</p>}
        </>
    );
}
