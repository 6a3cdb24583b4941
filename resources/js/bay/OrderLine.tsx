import { DropdownMenu } from 'radix-ui';
import type { Attempt } from '../api/types';
import { roomsOf } from '../instruments/rooms';
import { shortMinutes } from '../words/quantities';
import { t } from '../words/words';
import { STAGES, type Stage } from './stages';
import type { DoAction } from './useBay';

const ITEM =
    'flex cursor-pointer justify-between gap-6 px-3 py-1.5 outline-none data-highlighted:bg-petrol-tint data-disabled:opacity-50';

interface Props {
    attempt: Attempt;
    busy: boolean;
    onAct: DoAction;
    /** A panel of the slate, or the card. */
    onPanel: (panel: string) => void;
}

/** The order of work as a line that fills with what has been done; each stage leads to where it is worked. */
export function OrderLine(props: Props) {
    return (
        <ol
            data-tour="order"
            aria-label={t('bay.order')}
            className="flex items-center gap-1 text-small narrow:flex-wrap"
        >
            {STAGES.map((stage) => (
                <li key={stage.name}>
                    <StageMenu stage={stage} {...props} />
                </li>
            ))}
        </ol>
    );
}

function StageMenu({ stage, attempt, busy, onAct, onPanel }: Props & { stage: Stage }) {
    const done = stage.isDone(attempt.steps);
    const there = new Set(['card', ...roomsOf(attempt).map(({ name }) => name)]);
    return (
        <DropdownMenu.Root modal={false}>
            <DropdownMenu.Trigger
                className={`flex items-center gap-1.5 rounded-edge px-1 tablet:gap-1 tablet:px-0.5 hover:bg-petrol-tint ${done ? '' : 'text-ink-soft'}`}
            >
                <span
                    aria-hidden
                    className={`w-4 border-t-2 tablet:w-2 ${done ? 'border-petrol' : 'border-dotted border-ink-soft'}`}
                />
                {t(`order.${stage.name}`)}
                {done && <span className="sr-only">, {t('order.done')}</span>}
            </DropdownMenu.Trigger>
            <DropdownMenu.Content align="start" className="z-10 border border-ink bg-paper py-1">
                <DropdownMenu.Label className="max-w-72 px-3 py-1.5 text-small text-ink-soft">
                    {t(`order.means.${stage.name}`)}
                </DropdownMenu.Label>
                {stage.actions.map((action) => (
                    <DropdownMenu.Item
                        key={action.do}
                        disabled={busy}
                        className={ITEM}
                        onSelect={() => void onAct(action)}
                    >
                        <span>{t(`order.does.${action.do}`)}</span>
                        <span className="tabular text-small">
                            {shortMinutes(attempt.rates[action.do]?.minutes ?? 0)}
                        </span>
                    </DropdownMenu.Item>
                ))}
                {stage.panels
                    .filter((panel) => there.has(panel))
                    .map((panel) => (
                        <DropdownMenu.Item key={panel} className={ITEM} onSelect={() => onPanel(panel)}>
                            <span>{t(`order.panel.${panel}`)}</span>
                        </DropdownMenu.Item>
                    ))}
            </DropdownMenu.Content>
        </DropdownMenu.Root>
    );
}
