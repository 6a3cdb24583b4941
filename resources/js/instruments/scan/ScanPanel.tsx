import { useState } from 'react';
import { Choice } from '../../ui/Choice';
import { hasFoundModule } from '../../words/card';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { has } from '../tools';
import { DriveControls } from './DriveControls';
import { LampCodes } from './LampCodes';
import { Scanned } from './Scanned';
import { SmallButton } from './SmallButton';
import { ToolControls } from './ToolControls';

type Way = 'lamp' | 'tool';

/** What the module tells, by its lamp or through a scan tool, and driving. */
export function ScanPanel(props: PanelProps) {
    const { attempt } = props;
    const blinks = attempt.car.codesBy !== 'scan';
    const [way, setWay] = useState<Way>(blinks ? 'lamp' : 'tool');
    const switches =
        way === 'tool' && !blinks && attempt.car.brakeParts.length > 0 && has(attempt, 'actuator-tests');
    return (
        <>
            {blinks && (
                <Choice
                    label={t('scan.way')}
                    onSlate
                    value={way}
                    onChoose={setWay}
                    options={(['lamp', 'tool'] as const).map((value) => ({
                        value,
                        label: t(`scan.by-${value}`),
                    }))}
                />
            )}
            {way === 'lamp' ? <LampCodes {...props} /> : <ToolControls {...props} />}
            {switches && (
                <div className="grid shrink-0 grid-cols-2 gap-2">
                    <SmallButton
                        disabled={props.busy || !hasFoundModule(attempt)}
                        note={shortMinutes(attempt.rates['read-switches']?.minutes ?? 0)}
                        onClick={() => void props.onAct({ do: 'read-switches' })}
                    >
                        {t('work.read-switches')}
                    </SmallButton>
                </div>
            )}
            <DriveControls {...props} />
            <Scanned {...props} />
        </>
    );
}
