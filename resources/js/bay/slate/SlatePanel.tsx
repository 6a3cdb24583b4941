import { Tabs } from 'radix-ui';
import type { Attempt } from '../../api/types';
import type { Leads } from '../../strip/Board';
import { Slate } from '../../ui/Slate';
import { t } from '../../words/words';
import type { RepairKind } from '../StationActions';
import type { Bay, DoAction } from '../useBay';
import { hasPanel } from '../tools';
import { EyesPanel } from './EyesPanel';
import { HandsPanel } from './HandsPanel';
import { LeadsPanel } from './LeadsPanel';
import { MeterPanel } from './MeterPanel';
import { ScanPanel } from './scan/ScanPanel';
import { ScopePanel } from './ScopePanel';
import { SheetPanel } from './SheetPanel';

export type Instrument = 'meter' | 'scope' | 'leads' | 'scan' | 'eyes' | 'hands' | 'sheet';

export interface PanelProps {
    attempt: Attempt;
    channel: string;
    busy: boolean;
    act: Bay['act'];
    onAct: DoAction;
}

interface Props extends PanelProps {
    instrument: Instrument;
    onInstrument: (instrument: Instrument) => void;
    leads: Leads;
    onRepair: (kind: RepairKind) => void;
}

/** The instrument in hand. */
export function SlatePanel({ instrument, onInstrument, leads, onRepair, ...rest }: Props) {
    const panels: Record<Instrument, React.ReactNode> = {
        meter: <MeterPanel {...rest} leads={leads} />,
        scope: <ScopePanel {...rest} leads={leads} />,
        leads: <LeadsPanel {...rest} leads={leads} />,
        scan: <ScanPanel {...rest} />,
        eyes: <EyesPanel {...rest} />,
        hands: <HandsPanel {...rest} onRepair={onRepair} />,
        sheet: <SheetPanel {...rest} />,
    };
    const shown = (Object.keys(panels) as Instrument[]).filter((one) => hasPanel(rest.attempt, one));
    return (
        <Slate label={t('bay.slate')} className="h-full px-3.5 py-3">
            <Tabs.Root
                value={shown.includes(instrument) ? instrument : 'scan'}
                onValueChange={(next) => onInstrument(next as Instrument)}
                className="flex min-h-0 flex-1 flex-col"
            >
                <Tabs.List
                    aria-label={t('bay.instruments')}
                    className="mb-3 grid auto-cols-fr grid-flow-col gap-1"
                >
                    {shown.map((one) => (
                        <Tabs.Trigger
                            key={one}
                            value={one}
                            className="min-w-0 border-b-2 border-slate-line pb-1.5 text-small text-slate-soft data-[state=active]:border-reading data-[state=active]:font-semibold data-[state=active]:text-reading"
                        >
                            {t(`slate.${one}`)}
                        </Tabs.Trigger>
                    ))}
                </Tabs.List>
                {shown.map((one) => (
                    <Tabs.Content
                        key={one}
                        value={one}
                        className="flex min-h-0 flex-1 flex-col gap-3 overflow-auto"
                    >
                        {panels[one]}
                    </Tabs.Content>
                ))}
            </Tabs.Root>
        </Slate>
    );
}
