import { Tabs } from 'radix-ui';
import { Slate } from '../ui/Slate';
import { t } from '../words/words';
import type { PanelProps } from './room';
import { roomsOf } from './rooms';

interface Props extends PanelProps {
    instrument: string;
    onInstrument: (instrument: string) => void;
}

/** More tabs than these are written narrower. */
const MOST_AT_FULL_WIDTH = 7;

/** Always there, whatever a case withholds. */
const FALLBACK = 'scan';

/** The instrument in hand. */
export function SlatePanel({ instrument, onInstrument, ...rest }: Props) {
    const rooms = roomsOf(rest.attempt);
    return (
        <Slate label={t('bay.slate')} tour="slate" className="h-full px-3.5 py-3">
            <Tabs.Root
                value={rooms.some((one) => one.name === instrument) ? instrument : FALLBACK}
                onValueChange={onInstrument}
                className="flex min-h-0 flex-1 flex-col"
            >
                <Tabs.List
                    aria-label={t('bay.instruments')}
                    className="mb-3 flex gap-1"
                    style={{ fontStretch: rooms.length > MOST_AT_FULL_WIDTH ? '75%' : undefined }}
                >
                    {rooms.map(({ name }) => (
                        <Tabs.Trigger
                            key={name}
                            value={name}
                            className="min-w-0 flex-auto border-b-2 border-slate-line pb-1.5 text-small text-slate-soft data-[state=active]:border-reading data-[state=active]:font-semibold data-[state=active]:text-reading"
                        >
                            {t(`slate.${name}`)}
                        </Tabs.Trigger>
                    ))}
                </Tabs.List>
                {rooms.map(({ name, Panel }) => (
                    <Tabs.Content
                        key={name}
                        value={name}
                        className="relative flex min-h-0 flex-1 flex-col gap-3 overflow-auto [&>button]:shrink-0"
                    >
                        <Panel {...rest} />
                    </Tabs.Content>
                ))}
            </Tabs.Root>
        </Slate>
    );
}
