import { useState } from 'react';
import type { News } from '../api/types';
import { t } from '../words/words';

const place = (attempt: number) => `lernfall.read.${attempt}`;

/** What the instructor says, above the work and without taking the focus, until it has been read; nothing lies under it. */
export function RemarkLine({ attempt, remarks }: { attempt: number; remarks: News['remarks'] }) {
    const [read, setRead] = useState(() => Number(localStorage.getItem(place(attempt)) ?? 0));
    const fresh = remarks.filter(({ id }) => id > read);
    return (
        <div role="status">
            {fresh.map((one) => (
                <p
                    key={one.id}
                    className="flex items-baseline gap-3 mb-2 border-l-8 border-ink bg-paper px-4 py-2"
                >
                    <span aria-hidden>✎</span>
                    <span className="min-w-0 flex-1 break-words">
                        <strong>
                            {t(one.toAll ? 'lesson.says-to-all' : 'lesson.says', { name: one.from })}
                        </strong>{' '}
                        {one.text}
                    </span>
                    <button
                        type="button"
                        className="text-petrol underline"
                        onClick={() => {
                            localStorage.setItem(place(attempt), String(one.id));
                            setRead(one.id);
                        }}
                    >
                        {t('lesson.read-it')}
                    </button>
                </p>
            ))}
        </div>
    );
}
