import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, Refused, taken } from '../api/client';
import type { Car, CaseFields, CaseRecord, FaultKind, NewAssignment } from '../api/types';
import { t } from '../words/words';
import { carried } from './moved';
import { clearSheet, useSheet } from './useSheet';

/** What is on the bench: the fields of a case, whether they are kept, and what an apprentice would meet. */
export function useBench(
    cars: Car[],
    kinds: FaultKind[],
    record: CaseRecord | undefined,
    sheet: CaseFields | null,
) {
    const queries = useQueryClient();
    const navigate = useNavigate();
    const [fields, setFields] = useState<CaseFields>(() => ({
        ...(record?.document ?? blank(cars)),
        ...sheet,
    }));
    const [open, setOpen] = useState(record === undefined && fields.faults.length === 0);
    const [changed, setChanged] = useState(record === undefined || sheet !== null);
    const [busy, setBusy] = useState(false);
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [problem, setProblem] = useState('');
    const [edition, setEdition] = useState(record?.edition);
    const [meanwhile, setMeanwhile] = useState<CaseRecord | null>(null);
    const { note, settle } = useSheet(record?.id, fields, changed);
    const physical = useDeferredValue({
        car: fields.car,
        carValues: fields.carValues,
        faults: fields.faults,
        meter: fields.meter,
    });
    const preview = useQuery({
        queryKey: ['preview', physical],
        // name and words do not change what the car shows
        queryFn: () =>
            taken(
                api.POST('/api/case-preview', {
                    body: {
                        ...fields,
                        ...physical,
                        name: 'preview',
                        jobTitle: 'preview',
                        complaint: 'preview',
                    },
                }),
            ),
        placeholderData: keepPreviousData,
    });

    const change = (part: Partial<CaseFields>) => {
        const next = fitted({ ...fields, ...part }, cars, kinds);
        const lost = { ...fields, ...part }.faults.filter(
            ({ kind }) => !next.faults.some((one) => one.kind === kind),
        );
        setFields(next);
        setOpen(part.faults === undefined && (open || (lost.length > 0 && next.faults.length === 0)));
        setChanged(true);
        setErrors({});
        setProblem(
            lost.length === 0
                ? ''
                : t('bench.fault-lost', { faults: lost.map(({ kind }) => t(`fault.${kind}`)).join(', ') }),
        );
    };

    const attempted = async <T>(work: () => Promise<T>): Promise<T | null> => {
        setBusy(true);
        try {
            return await work();
        } catch (error) {
            const theirs = changedMeanwhile(error);
            if (theirs !== null) setMeanwhile(theirs);
            setErrors(error instanceof Refused ? error.fields : {});
            setProblem(told(error));
            return null;
        } finally {
            setBusy(false);
        }
    };

    const keep = (basedOn = edition) =>
        attempted(async () => {
            await settle();
            const body = open ? withoutFaults(fields) : fields;
            const saved =
                record === undefined
                    ? await taken(api.POST('/api/cases', { body }))
                    : await taken(
                          api.PUT('/api/cases/{case}', {
                              params: { path: { case: record.id } },
                              body: { ...body, basedOn },
                          }),
                      );
            setEdition(saved.edition);
            setMeanwhile(null);
            setChanged(false);
            setErrors({});
            setProblem('');
            queries.setQueryData(['case', saved.id], saved);
            void queries.invalidateQueries({ queryKey: ['cases'] });
            if (record === undefined) void navigate(`/cases/${saved.id}`, { replace: true });
            return saved;
        });

    const publish = async (assignment: NewAssignment) => {
        const saved = changed || record === undefined ? await keep() : record;
        if (saved === null) return;
        await attempted(async () => {
            const published = await taken(
                api.POST('/api/cases/{case}/versions', {
                    params: { path: { case: saved.id } },
                    body: assignment,
                }),
            );
            setProblem(
                JSON.stringify(published.assignments) === JSON.stringify(saved.assignments)
                    ? t('bench.published-already')
                    : '',
            );
            queries.setQueryData(['case', saved.id], published);
            void queries.invalidateQueries({ queryKey: ['cases'] });
        });
    };

    const wrong = preview.error instanceof Refused ? preview.error.fields : {};
    const throwAway = () =>
        attempted(async () => {
            await settle();
            await clearSheet(record?.id);
            setFields(record?.document ?? blank(cars));
            setOpen(record === undefined);
            setChanged(false);
            setErrors({});
            setProblem('');
        });

    const takeTheirs = () =>
        attempted(async () => {
            if (meanwhile === null) return;
            await settle();
            await clearSheet(record?.id);
            queries.setQueryData(['case', meanwhile.id], meanwhile);
            setFields(meanwhile.document);
            setEdition(meanwhile.edition);
            setMeanwhile(null);
            setChanged(false);
            setErrors({});
            setProblem('');
        });

    return {
        fields,
        /** What somebody else has made of the case since it was opened here. */
        meanwhile,
        keepMine: () => void keep(meanwhile?.edition),
        takeTheirs: () => void takeTheirs(),
        closeMeanwhile: () => setMeanwhile(null),
        changed,
        busy,
        errors: { ...wrong, ...errors },
        problem,
        preview,
        open,
        note,
        change,
        throwAway,
        keep: () => keep(),
        publish,
    };
}

/** The case as it is now, where that is why it was refused. */
function changedMeanwhile(error: unknown): CaseRecord | null {
    const body = error instanceof Refused && error.status === 409 ? error.body : null;
    return body !== null && typeof body === 'object' && 'case' in body ? (body.case as CaseRecord) : null;
}

/** Nothing has been said of the car: the server says that it has to be. */
function withoutFaults(fields: CaseFields): CaseFields {
    return { ...fields, faults: undefined as unknown as [] };
}

function blank(cars: Car[]): CaseFields {
    const car = cars[0]!;
    return {
        name: '',
        jobTitle: '',
        complaint: '',
        car: car.id,
        faults: [],
    };
}

/** Where fields say for themselves what is wrong, one sentence is enough. */
function told(error: unknown): string {
    if (!(error instanceof Refused)) return error instanceof Error ? error.message : t('error.unexpected');
    return Object.keys(error.fields).length > 0 ? t('bench.look-again') : error.message;
}

/** Another car may have other sensors: a fault that it can have goes with it, another is left behind. */
function fitted(fields: CaseFields, cars: Car[], kinds: FaultKind[]): CaseFields {
    const car = cars.find((one) => one.id === fields.car);
    return car === undefined
        ? fields
        : {
              ...fields,
              faults: fields.faults.map((fault) => carried(fault, car, kinds)).filter((one) => one !== null),
          };
}
