import * as z from 'zod/mini';
import type { Action, Attempt } from '../api/types';
import { describeSource, describeValue } from '../words/describe';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField } from '../ui/Field';
import { useCheckedForm, sentence } from '../ui/useCheckedForm';
import { t } from '../words/words';
import { stepsOf, struckOut, WHOLE_CAR } from '../words/card';
import type { Bay } from './useBay';

type Cause = Extract<Action, { do: 'name-cause' }>;

const cause = z.object({
    channel: z.string(),
    station: z.string(),
    defect: sentence(1, Infinity, () => t('write.defect-missing')),
    expects: z.string(),
    /** Numbers of steps, as a form carries them. */
    supports: z.array(z.string()),
});

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
    const form = useCheckedForm(cause, {
        channel,
        station: chosen,
        defect: '',
        expects: 'code-stays-away',
        supports: [],
    });
    const station = form.watch('station');
    const readings = stepsOf(attempt.steps, 'write-reading').filter(
        (step) => !struckOut(attempt.steps).has(step.number),
    );

    const write = async (named: z.output<typeof cause>) => {
        try {
            await act({ do: 'name-cause', ...named, supports: named.supports.map(Number) } as Cause);
            onClose();
        } catch (error) {
            form.refused(error);
        }
    };

    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending(write)}>
            <div className="grid grid-cols-2 gap-3">
                <SelectField
                    label={t('bench.corner')}
                    {...form.field('channel')}
                    options={[...attempt.car.channels.map((one) => one.id), WHOLE_CAR].map((one) => ({
                        value: one,
                        label: one === WHOLE_CAR ? t('bench.whole-car') : t(`channel.${one}`),
                    }))}
                />
                <SelectField
                    label={t('bay.cause-place')}
                    {...form.field('station')}
                    onChange={(event) => {
                        form.setValue('station', event.target.value);
                        form.setValue('defect', '');
                    }}
                    options={Object.keys(attempt.defects).map((one) => ({
                        value: one,
                        label: t(`station.${one}`),
                    }))}
                />
            </div>
            <SelectField
                label={t('bay.cause-defect')}
                {...form.field('defect')}
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
                        <input type="checkbox" value={step.number} {...form.register('supports')} />
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
                {...form.field('expects')}
                options={attempt.expectations.map((one) => ({ value: one, label: t(`expects.${one}`) }))}
            />
            <Button kind="main" type="submit">
                {t('bay.cause-write')}
            </Button>
        </form>
    );
}
