import { useState } from 'react';
import { Choice } from '../../../ui/Choice';
import { t } from '../../../words/words';
import type { PanelProps } from '../SlatePanel';
import { DriveControls } from './DriveControls';
import { LampCodes } from './LampCodes';
import { Scanned } from './Scanned';
import { ToolControls } from './ToolControls';

type Way = 'lamp' | 'tool';

/** What the module tells, by its lamp or through a scan tool, and driving. */
export function ScanPanel(props: PanelProps) {
    const { attempt } = props;
    const blinks = attempt.car.codesBy !== 'scan';
    const [way, setWay] = useState<Way>(blinks ? 'lamp' : 'tool');
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
            <DriveControls {...props} />
            <Scanned {...props} />
        </>
    );
}
