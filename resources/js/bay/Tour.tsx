import { Dialog } from 'radix-ui';
import { useLayoutEffect, useState } from 'react';
import { Button } from '../ui/Button';
import { t } from '../words/words';
import type { OnTop } from './OnTopSwitch';

/** What each step points at: the element that carries this as data-tour. */
const STEPS = ['card', 'order', 'plan', 'strip', 'work', 'slate'] as const;

/** Around what is pointed at, px. */
const MARGIN = 4;

/** All but what is pointed at lies in the shade. */
const AROUND = '0 0 0 200vmax color-mix(in srgb, var(--color-shade) 40%, transparent)';

interface Props {
    onClose: () => void;
    /** Card or slate to the front, where one lies on the other. */
    onTop: (top: OnTop) => void;
}

/** The bay in six steps, before the first job. It can be left at any of them. */
export function Tour({ onClose, onTop }: Props) {
    const [step, setStep] = useState(0);
    const [place, setPlace] = useState<DOMRect | null>(null);
    const name = STEPS[step]!;
    useLayoutEffect(() => {
        onTop(name === 'card' ? 'card' : 'slate');
        const measure = () =>
            setPlace(document.querySelector(`[data-tour=${name}]`)?.getBoundingClientRect() ?? null);
        const frame = requestAnimationFrame(measure);
        window.addEventListener('resize', measure);
        return () => {
            cancelAnimationFrame(frame);
            window.removeEventListener('resize', measure);
        };
    }, [name, onTop]);
    const isLast = step === STEPS.length - 1;
    return (
        <Dialog.Root open onOpenChange={(next) => next || onClose()}>
            <Dialog.Portal>
                <Dialog.Overlay className={`fixed inset-0 ${place === null ? 'bg-shade/40' : ''}`} />
                {place !== null && place.width > 0 && (
                    <div
                        aria-hidden
                        className="pointer-events-none fixed border-4 border-petrol"
                        style={{
                            left: place.left - MARGIN,
                            top: place.top - MARGIN,
                            width: place.width + 2 * MARGIN,
                            height: place.height + 2 * MARGIN,
                            boxShadow: AROUND,
                        }}
                    />
                )}
                <Dialog.Content
                    aria-describedby={undefined}
                    className={`punched fixed w-96 max-w-11/12 border border-ink bg-paper px-5 pt-5 pb-4 ${beside(place)}`}
                >
                    <p className="tabular text-small text-ink-soft">
                        {t('tour.step', { step: step + 1, of: STEPS.length })}
                    </p>
                    <Dialog.Title className="text-large">{t(`tour.${name}.title`)}</Dialog.Title>
                    <p className="mt-1 mb-4" aria-live="polite">
                        {t(`tour.${name}.text`)}
                    </p>
                    <div className="flex items-center gap-3">
                        <Button kind="main" onClick={() => (isLast ? onClose() : setStep(step + 1))}>
                            {t(isLast ? 'tour.begin' : 'tour.next')}
                        </Button>
                        {step > 0 && <Button onClick={() => setStep(step - 1)}>{t('tour.back')}</Button>}
                        {!isLast && (
                            <Dialog.Close className="ml-auto text-petrol underline">
                                {t('tour.skip')}
                            </Dialog.Close>
                        )}
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

/** Where the sheet lies so that what it points at stays in sight. */
function beside(place: DOMRect | null): string {
    const isRight = place !== null && place.left + place.width / 2 > window.innerWidth / 2;
    const isLow = place !== null && place.top > window.innerHeight / 3;
    return `${isRight ? 'left-4' : 'right-4'} ${isLow ? 'top-4' : 'bottom-4'}`;
}
