import type { ComponentProps } from 'react';
import { Button } from '../../ui/Button';

/** One of several in a row: its minutes stand below its name. */
export function SmallButton({ className = '', ...rest }: ComponentProps<typeof Button>) {
    return (
        <Button
            kind="slate-line"
            {...rest}
            className={`flex-col items-start! justify-center gap-0! px-2! py-1! text-small ${className}`}
        />
    );
}
