import { useEffect, useRef, useState } from 'react';
import type { Step } from '../api/types';
import { heard } from './heard';
import { make, type Sound } from './sounds';

const PLACE = 'lernfall.sound';

/** Whether sounds are made on this device (off at first), and which ones the last step made, for their caption. */
export function useSound(steps: Step[]) {
    const [isOn, setOn] = useState(() => localStorage.getItem(PLACE) === 'on');
    const [sounding, setSounding] = useState<Sound[]>([]);
    const before = useRef(steps.length);
    useEffect(() => {
        const step = steps.at(-1);
        const isNew = steps.length > before.current;
        before.current = steps.length;
        if (!isNew) return;
        const sounds = isOn && step !== undefined ? heard(step) : [];
        setSounding(sounds);
        if (sounds.length > 0) make(sounds);
    }, [steps, isOn]);
    const turn = () => {
        localStorage.setItem(PLACE, isOn ? 'off' : 'on');
        setOn(!isOn);
    };
    return { isOn, sounding, turn };
}
