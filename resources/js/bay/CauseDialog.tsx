import { useState } from 'react';
import { Refused } from '../api/client';
import type { Action, Attempt } from '../api/types';
import { describeSource, describeValue } from '../words/describe';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField } from '../ui/Field';
import { t } from '../words/words';
import { stepsOf, WHOLE_CAR } from '../words/card';
import type { Bay } from './useBay';

type Cause = Extract<Action, { do: 'name-cause' }>;

interface Props {
    attempt: Attempt;
    channel: string;
    station: string;
    open: boolean;
    onClose: () => void;
    act: Bay['act'];
}

/** Place, defect, the readings that support it, and what should change. The words are the same in every case. */
export function CauseDialog({ attempt, channel, station, open, onClose, act }: Props) {
    return (
        <Dialog title={t('bay.name-cause')} open={open} onClose={onClose}>
            <CauseForm attempt={attempt} channel={channel} station={station} onClose={onClose} act={act} />
        </Dialog>
    );
}

function CauseForm({ attempt, channel, station: chosen, onClose, act }: Omit<Props, 'open'>) {
    const [corner, setCorner] = useState(channel);
    const [station, setStation] = useState(chosen);
    const [defect, setDefect] = useState('');
    const [expects, setExpects] = useState<Cause['expects']>('code-stays-away');
    const [supports, setSupports] = useState<number[]>([]);
    const [errors, setErrors] = useState<Record<string, string>>({});
    const readings = [...stepsOf(attempt.steps, 'write-reading')];

    const write = async () => {
        if (defect === '') return setErrors({ defect: t('write.defect-missing') });
        try {
            await act({ do: 'name-cause', channel: corner, station, defect, supports, expects });
            onClose();
        } catch (error) {
            setErrors(error instanceof Refused ? error.fields : {});
        }
    };

    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                void write();
            }}
        >
            <div className="grid grid-cols-2 gap-3">
                <SelectField
                    label={t('bench.corner')}
                    value={corner}
                    onChange={(event) => setCorner(event.target.value)}
                    error={errors.channel}
                    options={[...attempt.car.channels.map((one) => one.id), WHOLE_CAR].map((one) => ({
                        value: one,
                        label: one === WHOLE_CAR ? t('bench.whole-car') : t(`channel.${one}`),
                    }))}
                />
                <SelectField
                    label={t('bay.cause-place')}
                    value={station}
                    error={errors.station}
                    onChange={(event) => {
                        setStation(event.target.value);
                        setDefect('');
                    }}
                    options={Object.keys(attempt.defects).map((one) => ({
                        value: one,
                        label: t(`station.${one}`),
                    }))}
                />
            </div>
            <SelectField
                label={t('bay.cause-defect')}
                value={defect}
                error={errors.defect}
                onChange={(event) => setDefect(event.target.value)}
                options={[
                    { value: '', label: '–' },
                    ...(attempt.defects[station] ?? []).map((one) => ({
                        value: one,
                        label: t(`defect.${station}.${one}`),
                    })),
                ]}
            />
            <fieldset>
                <legend className="text-small text-ink-soft">{t('bay.cause-support')}</legend>
                {readings.length === 0 && <p>{t('bay.no-support')}</p>}
                {readings.map((step) => (
                    <label key={step.number} className="flex items-baseline gap-2 border-b border-rule py-1">
                        <input
                            type="checkbox"
                            checked={supports.includes(step.number)}
                            onChange={(event) =>
                                setSupports(
                                    event.target.checked
                                        ? [...supports, step.number]
                                        : supports.filter((one) => one !== step.number),
                                )
                            }
                        />
                        <span>
                            <span className={step.action.value === null ? '' : 'tabular'}>
                                {describeValue(step.action)}
                            </span>{' '}
                            {t(`judgement.${step.action.judgement}`)}
                            <span className="text-small text-ink-soft">
                                , {describeSource(attempt, step.action)}
                            </span>
                        </span>
                    </label>
                ))}
            </fieldset>
            <SelectField
                label={t('bay.cause-expect')}
                value={expects}
                onChange={(event) => setExpects(event.target.value as Cause['expects'])}
                options={attempt.expectations.map((one) => ({ value: one, label: t(`expects.${one}`) }))}
            />
            <Button kind="main" type="submit">
                {t('bay.cause-write')}
            </Button>
        </form>
    );
}
