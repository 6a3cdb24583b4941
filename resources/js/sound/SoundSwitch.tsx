import type { Step } from '../api/types';
import { t } from '../words/words';
import { useSound } from './useSound';

/** Sound on or off, and in words what sounds. */
export function SoundSwitch({ steps }: { steps: Step[] }) {
    const { isOn, sounding, turn } = useSound(steps);
    return (
        <>
            {sounding !== undefined && (
                <span className="shrink-0 font-semibold text-ink">
                    <span aria-hidden>♪ </span>
                    {t(`bay.heard.${sounding}`)}
                </span>
            )}
            <button type="button" onClick={turn} className="shrink-0 text-petrol underline">
                {t(isOn ? 'bay.sound-on' : 'bay.sound-off')}
            </button>
        </>
    );
}
