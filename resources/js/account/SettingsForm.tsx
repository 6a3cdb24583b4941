import { useMutation } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { User } from '../api/types';
import { useChanged } from '../app/session';
import { OneOf } from '../ui/OneOf';
import { t } from '../words/words';

const SIGNS = { '': 'language', '.': 'point', ',': 'comma' } as const;
const THEMES = ['', 'light', 'dark'] as const;

type Settings = Pick<User, 'decimalSign' | 'largerType' | 'theme'>;

/** How numbers are written, letters sized and pages lit; kept as soon as it is chosen. */
export function SettingsForm({ user }: { user: User }) {
    const changed = useChanged();
    const { decimalSign, largerType, theme } = user;
    const change = useMutation({
        mutationFn: (chosen: Partial<Settings>) =>
            taken(api.PUT('/api/account/settings', { body: { decimalSign, largerType, theme, ...chosen } })),
        onSuccess: changed,
    });
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
                onChoose={(value) => change.mutate({ decimalSign: value })}
            />
            <OneOf
                question={t('account.theme')}
                name="theme"
                options={THEMES.map((value) => ({
                    value,
                    label: t(`account.themes.${value === '' ? 'browser' : value}`),
                }))}
                value={theme}
                onChoose={(value) => change.mutate({ theme: value })}
            />
            <label className="flex items-baseline gap-2">
                <input
                    type="checkbox"
                    checked={largerType}
                    onChange={({ target }) => change.mutate({ largerType: target.checked })}
                />
                {t('account.larger-type')}
            </label>
            <span role="status">{change.isSuccess && `✓ ${t('account.settings-kept')}`}</span>
            {change.isError && <p role="alert">{change.error.message}</p>}
        </div>
    );
}
