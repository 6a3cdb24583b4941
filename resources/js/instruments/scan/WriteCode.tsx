import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { t } from '../../words/words';
import type { PanelProps } from '../room';

type CodeStatus = Extract<Action, { do: 'write-code' }>['status'];

/** A code as it was read, or counted: a lamp tells no state. */
export function WriteCode({ act, busy, digits }: Pick<PanelProps, 'act' | 'busy'> & { digits: number }) {
    const [code, setCode] = useState('');
    const [status, setStatus] = useState<CodeStatus>('present');
    const [error, setError] = useState<string>();
    const write = async (what: string, how: CodeStatus) => {
        setError(undefined);
        try {
            await act({ do: 'write-code', code: what, status: how });
            setCode('');
        } catch (refused) {
            setError(
                refused instanceof Refused ? (refused.fields.code ?? refused.message) : t('error.unexpected'),
            );
        }
    };
    return (
        <form
            aria-label={t('bay.write-code')}
            className="flex flex-col gap-2 border-t border-slate-line pt-2"
            onSubmit={(event) => {
                event.preventDefault();
                void write(code.trim().toUpperCase(), digits > 0 ? '' : status);
            }}
        >
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    onSlate
                    label={t('bay.code')}
                    placeholder={digits > 0 ? '0'.repeat(digits) : 'C0000-00'}
                    value={code}
                    error={error}
                    onChange={(event) => setCode(event.target.value)}
                />
                {digits === 0 && (
                    <SelectField
                        onSlate
                        label={t('bay.status')}
                        value={status}
                        onChange={(event) => setStatus(event.target.value as CodeStatus)}
                        options={(['present', 'pending', 'history'] as const).map((one) => ({
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
