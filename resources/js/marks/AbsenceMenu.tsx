import { useMutation, useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { api, taken } from '../api/client';
import { t } from '../words/words';

const ITEM = 'cursor-pointer px-3 py-1 outline-none data-highlighted:bg-petrol-tint';

const KINDS = ['absent', 'excused', null] as const;

interface Props {
    /** What is said of it to whoever does not see it. */
    label: string;
    /** As it stands. */
    text: string;
    assignment: number;
    person: number;
}

/** Whether somebody was absent or is excused: a state, not a nought. */
export function AbsenceMenu({ label, text, assignment, person }: Props) {
    const queries = useQueryClient();
    const note = useMutation({
        mutationFn: (kind: (typeof KINDS)[number]) =>
            taken(
                api.PUT('/api/assignments/{assignment}/people/{person}', {
                    params: { path: { assignment, person } },
                    body: { kind },
                }),
            ),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['marks'] }),
    });
    return (
        <>
            <DropdownMenu.Root>
                <DropdownMenu.Trigger
                    aria-label={label}
                    disabled={note.isPending}
                    className="-ml-1 rounded-edge px-1 text-ink-soft hover:bg-petrol-tint"
                >
                    {text} <span aria-hidden>▾</span>
                </DropdownMenu.Trigger>
                <DropdownMenu.Portal>
                    <DropdownMenu.Content align="start" className="border border-ink bg-paper py-1">
                        {KINDS.map((kind) => (
                            <DropdownMenu.Item
                                key={kind ?? 'none'}
                                className={ITEM}
                                onSelect={() => note.mutate(kind)}
                            >
                                {t(`marks.note-${kind ?? 'none'}`)}
                            </DropdownMenu.Item>
                        ))}
                    </DropdownMenu.Content>
                </DropdownMenu.Portal>
            </DropdownMenu.Root>
            {note.isError && <p role="alert">{note.error.message}</p>}
        </>
    );
}
