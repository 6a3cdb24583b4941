import type { Assignment } from '../api/types';
import { Button } from '../ui/Button';
import { day } from '../words/reader';
import { opensWhen } from '../words/release';
import { t } from '../words/words';
import type { Asked } from './GivenOut';
import { Preparation } from './Preparation';

const SIGNS = {
    given: '●',
    'to-come': '◌',
    over: '◑',
    replaced: '○',
    withdrawn: '✕',
    annulled: '✕',
} as const;

interface Props {
    one: Assignment;
    busy: boolean;
    onAsk: (about: Asked) => void;
    onGiveAgain: () => void;
    onPause: (paused: boolean) => void;
}

/** One assignment: who has it, whether it can be begun, how often, and whether its reports are open. */
export function GivenRow({ one, busy, onAsk, onGiveAgain, onPause }: Props) {
    const isLive = one.state === 'given' || one.state === 'to-come' || one.state === 'over';
    return (
        <li
            className="flex items-start gap-4 py-1.5 narrow:flex-wrap narrow:gap-y-1"
            aria-label={[...one.groups.map(({ name }) => name), ...one.people].join(', ')}
        >
            <span className="w-60 min-w-0 narrow:w-full">
                <span className="block font-semibold">
                    {[...one.groups.map(({ name }) => name), ...one.people].join(', ')}
                </span>
                <span className="text-small text-ink-soft">
                    {t('cases.version', { number: one.version })}, {day(one.givenAt)}
                </span>
            </span>
            <span className="w-64 narrow:w-full">
                <span aria-hidden>{SIGNS[one.state]} </span>
                {t(`given.state.${one.state}`, { when: one.startsAt === null ? '' : day(one.startsAt) })}
                <span className="block text-small text-ink-soft">{terms(one)}</span>
                {one.paused && (
                    <strong className="block">
                        <span aria-hidden>▮▮ </span>
                        {t('lesson.pausing')}
                    </strong>
                )}
                {one.preparation !== null && <Preparation of={one.preparation} />}
                {one.annulledBecause !== null && (
                    <span className="block text-small">
                        {t('given.because', { why: one.annulledBecause })}
                    </span>
                )}
            </span>
            <span className="grow narrow:w-full">
                {t('given.begun-of', { begun: one.attempts, closed: one.concluded, count: one.apprentices })}
                {one.notBegun.length > 0 && isLive && (
                    <span className="block text-small">
                        {t('given.not-begun', { who: one.notBegun.join(', ') })}
                    </span>
                )}
                <span className="block text-small text-ink-soft">
                    {one.release.isOpen ? t('release.is-open') : opensWhen(one.release)}
                </span>
            </span>
            <span className="flex flex-wrap justify-end gap-2">
                {one.attempts > one.concluded && one.state !== 'annulled' && (
                    <>
                        <Button disabled={busy} onClick={() => onAsk('say')}>
                            {t('lesson.say-to-all')}
                        </Button>
                        <Button disabled={busy} onClick={() => onPause(!one.paused)}>
                            {t(one.paused ? 'lesson.go-on' : 'lesson.pause')}
                        </Button>
                    </>
                )}
                {!one.release.isOpen && one.state !== 'annulled' && (
                    <Button disabled={busy} onClick={() => onAsk('open')}>
                        {t('release.open')}
                    </Button>
                )}
                {!one.practice && one.concluded > 0 && one.state !== 'annulled' && (
                    <Button disabled={busy} onClick={() => onAsk('confirm')}>
                        {t('standing.confirm-all')}
                    </Button>
                )}
                {!one.practice && one.concluded > 0 && one.state !== 'annulled' && (
                    <Button disabled={busy} onClick={() => onAsk('rule')}>
                        {t('rule.open')}
                    </Button>
                )}
                {isLive && (
                    <Button disabled={busy} onClick={() => onAsk('withdraw')}>
                        {t('given.withdraw')}
                    </Button>
                )}
                {one.state === 'withdrawn' && (
                    <Button disabled={busy} onClick={onGiveAgain}>
                        {t('given.again')}
                    </Button>
                )}
                {!one.practice && one.attempts > 0 && one.state !== 'annulled' && (
                    <Button disabled={busy} onClick={() => onAsk('annul')}>
                        {t('given.annul')}
                    </Button>
                )}
            </span>
        </li>
    );
}

/** Practice or examination, how often, until when. */
function terms({ practice, tries, minutesAllowed, endsAt }: Assignment): string {
    return [
        t(practice ? 'terms.practice' : 'terms.examination'),
        tries === null ? t('terms.any-time') : t('terms.times', { count: tries }),
        ...(minutesAllowed === null ? [] : [t('terms.minutes', { count: minutesAllowed })]),
        ...(endsAt === null ? [] : [t('terms.until', { when: day(endsAt) })]),
    ].join(', ');
}
