import type { FormEvent, ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { t } from '../../words/words';

interface Props {
    /** What the keys of its words begin with. */
    wordsUnder: 'inject.' | 'bench-supply.';
    /** What is connected now, in words; null where nothing is. */
    connected: string | null;
    channel: string;
    busy: boolean;
    minutes: string;
    onSubmit: (event: FormEvent) => void;
    onTakeOff: () => void;
    /** Beside taking it off. */
    beside?: ReactNode;
    after?: ReactNode;
    children: ReactNode;
}

/** Something that feeds the car from the bench: what it is set to, connecting it and taking it off. */
export function SourceForm(props: Props) {
    const { wordsUnder, connected, busy, beside } = props;
    return (
        <form className="flex flex-col gap-3" onSubmit={props.onSubmit}>
            <p role="status" className="text-reading">
                {connected ?? t(`${wordsUnder}off`)}
            </p>
            {props.children}
            <Button kind="slate-main" type="submit" disabled={busy} note={props.minutes}>
                {t(`${wordsUnder}connect`, { channel: t(`place.${props.channel}`) })}
            </Button>
            <div className={`grid gap-2 ${beside === undefined ? '' : 'grid-cols-2'}`}>
                <Button
                    kind="slate-line"
                    disabled={busy || connected === null}
                    onClick={() => props.onTakeOff()}
                >
                    {t(`${wordsUnder}take-off`)}
                </Button>
                {beside}
            </div>
            {props.after}
            <p className="text-small text-slate-soft">{t(`${wordsUnder}caution`)}</p>
        </form>
    );
}
