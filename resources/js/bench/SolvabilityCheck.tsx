import { useMutation, useQuery } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { CaseFields, Solvability, SolvabilityCheck as Check } from '../api/types';
import { Button } from '../ui/Button';
import { shortMinutes } from '../words/quantities';
import { atPlace } from '../words/place';
import { t } from '../words/words';

const LOOKED_AT_EVERY_MS = 400;

const isUnderWay = (check: Check | undefined) => check !== undefined && check.found === null && !check.failed;

/** Whether the case on the bench can be solved with sensible tests: worked on three cars beside everything else. */
export function SolvabilityCheck({ fields }: { fields: CaseFields }) {
    const ask = useMutation({
        mutationFn: () =>
            taken(
                api.POST('/api/case-solvability', {
                    body: { ...fields, name: 'check', jobTitle: 'check', complaint: 'check' },
                }),
            ),
    });
    const id = ask.data?.id ?? '';
    const check = useQuery({
        queryKey: ['solvability', id],
        queryFn: () => taken(api.GET('/api/case-solvability/{check}', { params: { path: { check: id } } })),
        enabled: id !== '' && isUnderWay(ask.data),
        initialData: ask.data,
        refetchInterval: (query) => (isUnderWay(query.state.data) ? LOOKED_AT_EVERY_MS : false),
    });
    const state = check.data;
    const error = ask.error ?? check.error;
    const busy = ask.isPending || (isUnderWay(state) && error === null);
    return (
        <section aria-label={t('solve.title')} className="mt-auto border-t border-slate-line pt-3">
            <Button kind="slate-line" disabled={busy} onClick={() => ask.mutate()}>
                {t('solve.ask')}
            </Button>
            <div role="status" className="mt-2">
                {busy && (
                    <>
                        <progress
                            className="w-full accent-reading"
                            aria-label={t('solve.working')}
                            max={state?.of || 1}
                            value={state?.done ?? 0}
                        />
                        <p className="text-small text-slate-soft">
                            {state === undefined || state.of === 0
                                ? t('solve.waits')
                                : `${t('solve.working')} ${t('solve.done', { done: state.done, of: state.of })}`}
                        </p>
                    </>
                )}
                {error !== null && <p>{error.message}</p>}
                {state?.failed === true && <p>{t('solve.failed')}</p>}
                {!busy && state?.found != null && <Found found={state.found} />}
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
                                <span>{atPlace(`test.${test.id}`, test.place)}</span>
                                <span className="tabular shrink-0">{shortMinutes(test.minutes)}</span>
                            </li>
                        ))}
                    </ol>
                </>
            )}
            {found.tools.map(({ tool, apart }) => (
                <p key={tool} className="mt-1 border-l-4 border-reading pl-2 text-small">
                    {t('solve.tool', { tool: t(`tool.${tool}`), faults: named(apart) })}
                </p>
            ))}
            {found.warnings.map((warning) => (
                <p key={warning} className="mt-1 border-l-4 border-amber pl-2 text-small">
                    {t(`solve.${warning}`, { faults: named(found.together) })}
                </p>
            ))}
        </>
    );
}

function named(names: string[]): string {
    return names
        .map((name) => atPlace(`fault.${name.split('@')[0] ?? ''}`, name.split('@')[1] ?? 'car'))
        .join('; ');
}
