import { useId, useRef, useState, type KeyboardEvent } from 'react';
import type { ShownPicture } from '../../api/types';
import { TextField } from '../../ui/Field';
import { t } from '../../words/words';
import { bestView } from '../bestView';
import { LookPicture } from '../LookPicture';
import { exampleOf } from './examples';
import { nearest } from './nearest';

interface Props {
    /** All that can be said of such a place, the same in every job. */
    words: string[];
    chosen: string[];
    onChoose: (words: string[]) => void;
    /** How the place is drawn that is looked at. */
    drawing: ShownPicture['drawing'];
    error?: string;
}

const said = (word: string) => t(`sight.${word}`);

/** Words for what was seen, as many as apply: typed, or chosen by a picture of each. */
export function SightWords({ words, chosen, onChoose, drawing, error }: Props) {
    const [typed, setTyped] = useState('');
    const list = useRef<HTMLFieldSetElement>(null);
    const label = useId();
    const like = nearest(typed, words, said);
    const toggle = (word: string) =>
        onChoose(chosen.includes(word) ? chosen.filter((one) => one !== word) : [...chosen, word]);

    const typing = (event: KeyboardEvent) => {
        if (event.key === 'ArrowDown') {
            event.preventDefault();
            list.current?.querySelector('input')?.focus();
        }
        if (event.key !== 'Enter' || typed.trim() === '') return;
        event.preventDefault();
        const [first] = like;
        if (first === undefined) return;
        if (!chosen.includes(first)) toggle(first);
        setTyped('');
    };
    const among = (event: KeyboardEvent) => {
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (step === undefined) return;
        event.preventDefault();
        const boxes = [...(list.current?.querySelectorAll('input') ?? [])];
        const at = boxes.indexOf(document.activeElement as HTMLInputElement);
        boxes[Math.min(boxes.length - 1, Math.max(0, at + step))]?.focus();
    };
    // one stop for the tab key: the first that is chosen, or else the first
    const stop = like.find((word) => chosen.includes(word)) ?? like[0];

    return (
        <div className="flex flex-col gap-1">
            <TextField
                onSlate
                label={t('bay.what-seen')}
                placeholder={t('sight-words.type')}
                hint={like.length === 0 ? t('sight-words.none-like') : t('sight-words.typed')}
                error={error}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
                onKeyDown={typing}
                autoComplete="off"
            />
            <fieldset
                ref={list}
                aria-labelledby={label}
                className="flex max-h-40 flex-col gap-1 overflow-auto"
            >
                <legend id={label} className="sr-only">
                    {t('sight-words.words')}
                </legend>
                {like.map((word) => (
                    <label
                        key={word}
                        className="flex shrink-0 items-center gap-2 rounded-edge border border-slate-line px-1.5 py-0.5 text-small has-checked:border-reading has-checked:font-semibold has-focus-visible:outline-2"
                    >
                        <input
                            type="checkbox"
                            className="accent-reading"
                            checked={chosen.includes(word)}
                            tabIndex={word === stop ? 0 : -1}
                            onChange={() => toggle(word)}
                            onKeyDown={among}
                        />
                        <Example word={word} drawing={drawing} />
                        {said(word)}
                    </label>
                ))}
            </fieldset>
        </div>
    );
}

/** What a word could be said of, small; the word stands beside it. */
function Example({ word, drawing }: { word: string; drawing: ShownPicture['drawing'] }) {
    const picture = exampleOf(word, drawing);
    if (picture === undefined) return <span className="w-14 shrink-0" />;
    return (
        <span className="w-14 shrink-0">
            <LookPicture picture={picture} seed={`word ${word}`} label="" view={bestView(picture)} />
        </span>
    );
}
