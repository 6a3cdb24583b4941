import { useState } from 'react';
import { Choice } from '../../ui/Choice';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { has } from '../tools';
import { ActuatorControls } from './ActuatorControls';
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
    const actuators =
        way === 'tool' && !blinks && attempt.car.brakeParts.length > 0 && has(attempt, 'actuator-tests');
    const [work, setWork] = useState<'driving' | 'actuators'>('driving');
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
            {actuators && (
                <Choice
                    label={t('scan.then')}
                    onSlate
                    value={work}
                    onChoose={setWork}
                    options={(['driving', 'actuators'] as const).map((value) => ({
                        value,
                        label: t(`scan.${value}`),
                    }))}
                    className="border-t border-slate-line pt-2"
                />
            )}
            {actuators && work === 'actuators' ? (
                <ActuatorControls {...props} />
            ) : (
                <DriveControls {...props} />
            )}
            <Scanned {...props} />
        </>
    );
}
