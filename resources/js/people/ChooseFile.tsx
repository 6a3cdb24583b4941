import { useRef, useState } from 'react';
import { Button } from '../ui/Button';

interface Props {
    label: string;
    accept: string;
    onFile: (file: File) => void;
}

/** The same file may be chosen again once it has been mended. */
export function ChooseFile({ label, accept, onFile }: Props) {
    const input = useRef<HTMLInputElement>(null);
    const [name, setName] = useState('');
    return (
        <div className="flex items-center gap-3">
            <input
                ref={input}
                type="file"
                accept={accept}
                hidden
                onChange={({ target }) => {
                    const file = target.files?.[0];
                    if (file !== undefined) {
                        setName(file.name);
                        onFile(file);
                    }
                    target.value = '';
                }}
            />
            <Button kind={name === '' ? 'main' : 'line'} onClick={() => input.current?.click()}>
                {label}
            </Button>
            {name !== '' && <span className="font-mono text-small">{name}</span>}
        </div>
    );
}
