import type { Step } from '../api/types';
import { t } from '../words/words';
import { useSound } from './useSound';

/** Sound on or off, and in words what sounds. */
export function SoundSwitch({ steps }: { steps: Step[] }) {
    const { isOn, sounding, turn } = useSound(steps);
    return (
        <>
            {sounding.length > 0 && (
                <span className="shrink-0 font-semibold text-ink">
                    <span aria-hidden>♪ </span>
                    {sounding.map((sound) => t(`bay.heard.${sound}`)).join(', ')}
                </span>
            )}
            <button type="button" onClick={turn} className="shrink-0 text-petrol underline">
                {t(isOn ? 'bay.sound-on' : 'bay.sound-off')}
            </button>
        </>
    );
}
