import { z } from 'zod';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { useCheckedForm } from '../../ui/useCheckedForm';
import { t } from '../../words/words';
import type { PanelProps } from '../room';

type CodeStatus = Extract<Action, { do: 'write-code' }>['status'];

const entry = z.object({ code: z.string(), status: z.enum(['present', 'pending', 'history']) });

/** A code as it was read, or counted: a lamp tells no state. */
export function WriteCode({ act, busy, digits }: Pick<PanelProps, 'act' | 'busy'> & { digits: number }) {
    const form = useCheckedForm(entry, { code: '', status: 'present' });
    const write = async (code: string, status: CodeStatus) => {
        try {
            await act({ do: 'write-code', code, status });
            form.setValue('code', '');
        } catch (error) {
            form.refused(error);
        }
    };
    return (
        <form
            aria-label={t('bay.write-code')}
            className="flex flex-col gap-2 border-t border-slate-line pt-2"
            onSubmit={form.sending(({ code, status }) =>
                write(code.trim().toUpperCase(), digits > 0 ? '' : status),
            )}
        >
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    onSlate
                    label={t('bay.code')}
                    placeholder={digits > 0 ? '0'.repeat(digits) : 'C0000-00'}
                    {...form.field('code')}
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
            <Button kind="slate-main" type="submit" disabled={busy} shortcut="↵">
                {t('bay.write-code')}
            </Button>
            <Button kind="slate-line" disabled={busy} onClick={() => void write('none', '')}>
                {t('bay.note-none')}
            </Button>
        </form>
    );
}
