import { useMutation } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { CaseFields, Solvability } from '../api/types';
import { Button } from '../ui/Button';
import { shortMinutes } from '../words/quantities';
import { t } from '../words/words';

/** Whether the case on the bench can be solved with sensible tests: worked on three cars while one waits. */
export function SolvabilityCheck({ fields }: { fields: CaseFields }) {
    const check = useMutation({
        mutationFn: () =>
            taken(
                api.POST('/api/case-solvability', {
                    body: { ...fields, name: 'check', jobTitle: 'check', complaint: 'check' },
                }),
            ),
    });
    return (
        <section aria-label={t('solve.title')} className="mt-auto border-t border-slate-line pt-3">
            <Button kind="slate-line" disabled={check.isPending} onClick={() => check.mutate()}>
                {t('solve.ask')}
            </Button>
            <div role="status" className="mt-2">
                {check.isPending && (
                    <>
                        <progress className="w-full" aria-label={t('solve.working')} />
                        <p className="text-small text-slate-soft">{t('solve.working')}</p>
                    </>
                )}
                {check.isError && <p>{check.error.message}</p>}
                {check.data !== undefined && !check.isPending && <Found found={check.data} />}
            </div>
        </section>
    );
}

function Found({ found }: { found: Solvability }) {
    return (
        <>
            <p className="font-semibold text-reading">
                <span aria-hidden>{found.solvable ? '■' : '□'}</span>{' '}
                {t(found.solvable ? 'solve.yes' : 'solve.no', { reached: found.reached, of: found.of })}
            </p>
            <p className="text-small">
                {t('solve.first-look', { percent: Math.round(100 * found.afterFirstLook) })}
            </p>
            {found.par !== null && (
                <>
                    <p className="text-small">
                        {t('solve.par', { minutes: Math.round(found.par.minutes), cost: found.par.cost })}
                    </p>
                    <ol
                        className="max-h-28 overflow-auto text-small text-slate-soft"
                        tabIndex={0}
                        aria-label={t('solve.path')}
                    >
                        {found.par.tests.map((test, index) => (
                            <li key={index} className="flex justify-between gap-2">
                                <span>{at(`test.${test.id}`, test.place)}</span>
                                <span className="tabular shrink-0">{shortMinutes(test.minutes)}</span>
                            </li>
                        ))}
                    </ol>
                </>
            )}
            {found.warnings.map((warning) => (
                <p key={warning} className="mt-1 border-l-4 border-amber pl-2 text-small">
                    {t(`solve.${warning}`, {
                        faults: found.together
                            .map((name) =>
                                at(`fault.${name.split('@')[0] ?? ''}`, name.split('@')[1] ?? 'car'),
                            )
                            .join('; '),
                    })}
                </p>
            ))}
        </>
    );
}

function at(key: string, place: string): string {
    return place === 'car' ? t(key) : `${t(key)}, ${t(`channel.${place}`).toLowerCase()}`;
}
