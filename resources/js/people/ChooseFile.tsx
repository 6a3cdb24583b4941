import { useId } from 'react';

interface Props {
    label: string;
    accept: string;
    onFile: (file: File) => void;
}

/** The same file may be chosen again once it has been mended. */
export function ChooseFile({ label, accept, onFile }: Props) {
    const id = useId();
    return (
        <div>
            <label htmlFor={id} className="block text-small text-ink-soft">
                {label}
            </label>
            <input
                id={id}
                type="file"
                accept={accept}
                className="rounded-edge border border-floor-deep bg-paper px-2 py-1"
                onChange={({ target }) => {
                    const file = target.files?.[0];
                    if (file !== undefined) onFile(file);
                    target.value = '';
                }}
            />
        </div>
    );
}
