import type { FaultKind } from '../api/types';
import { t } from '../words/words';

type Factors = Record<string, number>;

interface Props {
    kinds: FaultKind[];
    factors: Factors;
    onChange: (factors: Factors) => void;
}

const STEPS: [number, string][] = [
    [10, 'much-commoner'],
    [3, 'commoner'],
    [1 / 3, 'rarer'],
    [0.1, 'much-rarer'],
];

const NOTHING = 'nothing';

const edge = 'rounded-edge border border-edge bg-paper px-1 py-0.5 text-small';

/** What is commoner or rarer here than the catalogue takes it to be: salted roads, a bad batch, a careless workshop. */
export function Commonness({ kinds, factors, onChange }: Props) {
    const left = [NOTHING, ...kinds.map((kind) => kind.id)].filter((id) => factors[id] === undefined);
    return (
        <fieldset>
            <legend className="text-small text-ink-soft">{t('bench.commonness')}</legend>
            {Object.entries(factors).map(([id, factor]) => (
                <div key={id} className="flex flex-wrap items-center gap-x-2 py-0.5 text-small">
                    <span className="w-full">{word(id)}</span>
                    <select
                        aria-label={t('bench.how-common', { kind: word(id) })}
                        className={edge}
                        value={factor}
                        onChange={({ target }) => onChange({ ...factors, [id]: Number(target.value) })}
                    >
                        {STEPS.map(([value, name]) => (
                            <option key={name} value={value}>
                                {t(`common.${name}`)}
                            </option>
                        ))}
                        {STEPS.every(([value]) => value !== factor) && (
                            <option value={factor}>× {factor}</option>
                        )}
                    </select>
                    <button
                        type="button"
                        className="text-petrol underline"
                        aria-label={t('bench.as-usual', { kind: word(id) })}
                        onClick={() =>
                            onChange(
                                Object.fromEntries(Object.entries(factors).filter(([other]) => other !== id)),
                            )
                        }
                    >
                        {t('bench.take-back')}
                    </button>
                </div>
            ))}
            <select
                aria-label={t('bench.add-commonness')}
                className={`${edge} w-full`}
                value=""
                onChange={({ target }) => onChange({ ...factors, [target.value]: 3 })}
            >
                <option value="">{t('bench.add-commonness')}</option>
                {left.map((id) => (
                    <option key={id} value={id}>
                        {word(id)}
                    </option>
                ))}
            </select>
        </fieldset>
    );
}

function word(id: string): string {
    return t(id === NOTHING ? 'bench.nothing-wrong' : `fault.${id}`);
}
