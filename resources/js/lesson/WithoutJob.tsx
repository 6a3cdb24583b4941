import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import { t } from '../words/words';

/** Who of a group has nothing to do just now. */
export function WithoutJob({ group }: { group: number }) {
    const idle = useQuery({
        queryKey: ['without-job', group],
        queryFn: () => taken(api.GET('/api/groups/{group}/without-job', { params: { path: { group } } })),
    });
    if (idle.data === undefined) return null;
    const { people, apprentices } = idle.data;
    return (
        <p role="status" className="mt-4 border-l-4 border-ink pl-3">
            {apprentices === 0 && t('lesson.nobody-in')}
            {apprentices > 0 && people.length === 0 && t('lesson.all-have-one')}
            {people.length > 0 && (
                <>
                    <strong>{t('lesson.without', { count: people.length })}</strong> {people.join(', ')}
                </>
            )}
        </p>
    );
}
