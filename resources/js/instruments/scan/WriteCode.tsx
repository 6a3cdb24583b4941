import * as z from 'zod/mini';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { useCheckedForm } from '../../ui/useCheckedForm';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { asCode, codeFault } from './codeForm';

type CodeStatus = Extract<Action, { do: 'write-code' }>['status'];

type CodeChange = NonNullable<Extract<Action, { do: 'write-code' }>['change']>;

const CHANGES = ['', 'stayed', 'moved', 'gone'] as const satisfies readonly ('' | CodeChange)[];

const entry = z.object({
    code: z.string(),
    status: z.enum(['present', 'pending', 'history']),
    change: z.enum(CHANGES),
});

type Props = Pick<PanelProps, 'act' | 'busy'> & { digits: number; rearranged: boolean };

/** A code as it was read, or counted: a lamp tells no state. Where parts were moved or joined, what became of it belongs to it. */
export function WriteCode({ act, busy, digits, rearranged }: Props) {
    const form = useCheckedForm(entry, { code: '', status: 'present', change: '' });
    const asTyped = codeFault(form.watch('code'), digits, false);
    const write = async (code: string, status: CodeStatus, change: '' | CodeChange) => {
        try {
            await act({ do: 'write-code', code, status, ...(change === '' ? {} : { change }) });
            form.setValue('code', '');
        } catch (error) {
            form.refused(error);
        }
    };
    return (
        <form
            aria-label={t('bay.write-code')}
            className="flex flex-col gap-2 border-t border-slate-line pt-2"
            onSubmit={form.sending(({ code, status, change }) => {
                const fault = codeFault(code, digits, true);
                return fault === undefined
                    ? write(asCode(code), digits > 0 ? '' : status, change)
                    : form.refuse({ code: fault });
            })}
        >
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    onSlate
                    label={t('bay.code')}
                    placeholder={digits > 0 ? '0'.repeat(digits) : 'C0000-00'}
                    autoCapitalize="characters"
                    autoComplete="off"
                    spellCheck={false}
                    {...form.field('code')}
                    error={asTyped ?? form.field('code').error}
                />
                {digits === 0 && (
                    <SelectField
                        onSlate
                        label={t('bay.status')}
                        {...form.field('status')}
                        options={entry.shape.status.options.map((one) => ({
                            value: one,
                            label: t(`code-status.${one}`),
                        }))}
                    />
                )}
            </div>
            {rearranged && (
                <SelectField
                    onSlate
                    label={t('bay.code-change')}
                    hint={t('bay.code-change-hint')}
                    {...form.field('change')}
                    options={CHANGES.map((one) => ({
                        value: one,
                        label: t(one === '' ? 'code-change.unsaid' : `code-change.${one}`),
                    }))}
                />
            )}
            <Button kind="slate-main" type="submit" disabled={busy} shortcut="↵">
                {t('bay.write-code')}
            </Button>
            <Button
                kind="slate-line"
                disabled={busy}
                onClick={() => void write('none', '', form.getValues('change'))}
            >
                {t('bay.note-none')}
            </Button>
        </form>
    );
}
