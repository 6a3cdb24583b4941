import type { DoAction } from '../../bay/useBay';
import type { Attempt } from '../../api/types';
import { mannerOf, type Manner } from '../../looks/manners';
import type { Look } from '../../looks/looked';
import { Button } from '../../ui/Button';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';

interface Props {
    attempt: Attempt;
    look: Look;
    busy: boolean;
    onAct: DoAction;
}

/** The same place once more, in another manner: who looks in the same one sees the same. */
export function LookAgain({ attempt, look, busy, onAct }: Props) {
    const { channel, at } = look.action;
    const now = mannerOf(look.observation.picture);
    const others: Manner[] = [
        ...(now === 'in-passing' ? (['closely'] as const) : []),
        ...(now === 'closely' && attempt.manners[at]?.includes('from-behind')
            ? (['from-behind'] as const)
            : []),
    ];
    return others.map((manner) => (
        <Button
            key={manner}
            kind="slate-line"
            disabled={busy}
            note={shortMinutes(attempt.rates[`look.${at}`]?.minutes ?? 0)}
            onClick={() => onAct({ do: 'look', channel, at, ...(manner === 'closely' ? {} : { manner }) })}
        >
            {t(`look-again.${manner}`)}
        </Button>
    ));
}
