import { t } from '../words/words';

export type StationMark = 'not-judged' | 'open' | 'suspect' | 'cleared';

const SHAPES: Record<StationMark, string> = { 'not-judged': '·', open: '○', suspect: '▲', cleared: '■' };

/** A state is always a shape and a word. */
export function StationState({ mark }: { mark: StationMark }) {
    return (
        <span
            className={
                mark === 'suspect' ? 'font-semibold' : mark === 'cleared' ? 'text-petrol' : 'text-ink-soft'
            }
        >
            <span aria-hidden>{SHAPES[mark]}</span> {t(`mark-state.${mark}`)}
        </span>
    );
}
