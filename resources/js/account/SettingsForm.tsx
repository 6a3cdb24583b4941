import { useMutation } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { User } from '../api/types';
import { useChanged } from '../app/session';
import { OneOf } from '../ui/OneOf';
import { t } from '../words/words';

const SIGNS = { '': 'language', '.': 'point', ',': 'comma' } as const;

/** How numbers are written and letters sized; kept as soon as it is chosen. */
export function SettingsForm({ user }: { user: User }) {
    const changed = useChanged();
    const change = useMutation({
        mutationFn: (body: { decimalSign: User['decimalSign']; largerType: boolean }) =>
            taken(api.PUT('/api/account/settings', { body })),
        onSuccess: changed,
    });
    const { decimalSign, largerType } = user;
    return (
        <div className="flex flex-col gap-3">
            <OneOf
                question={t('account.decimal-sign')}
                name="decimal-sign"
                options={(['', '.', ','] as const).map((value) => ({
                    value,
                    label: t(`account.decimal.${SIGNS[value]}`),
                }))}
                value={decimalSign}
                onChoose={(value) => change.mutate({ decimalSign: value, largerType })}
            />
            <label className="flex items-baseline gap-2">
                <input
                    type="checkbox"
                    checked={largerType}
                    onChange={({ target }) => change.mutate({ decimalSign, largerType: target.checked })}
                />
                {t('account.larger-type')}
            </label>
            <span role="status">{change.isSuccess && `✓ ${t('account.settings-kept')}`}</span>
            {change.isError && <p role="alert">{change.error.message}</p>}
        </div>
    );
}
