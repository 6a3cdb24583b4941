import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Refused } from '../api/client';
import type { Action, Attempt } from '../api/types';
import { FailedPage, LoadingPage } from '../app/Loading';
import { Page } from '../app/Page';
import { useSession } from '../app/session';
import type { Leads } from '../strip/Board';
import { Caution } from '../ui/Caution';
import { clock } from '../words/quantities';
import { t } from '../words/words';
import { BayFoot } from './BayFoot';
import { CauseDialog } from './CauseDialog';
import { ConcludeDialog } from './ConcludeDialog';
import { Controls } from './Controls';
import { FloorPlan } from './FloorPlan';
import { JobCard } from './JobCard';
import { KeysDialog } from './KeysDialog';
import { LampPanel } from './LampPanel';
import { CounselDialog } from './CounselDialog';
import { OnTopSwitch, type OnTop } from './OnTopSwitch';
import { OrderLine } from './OrderLine';
import { PairLine } from './PairLine';
import { PathSection } from './PathSection';
import { stationsAt, WHOLE_CAR, type Station } from '../words/card';
import { leftOff } from './resume';
import { useShortcuts } from '../ui/shortcuts';
import { panelAfter } from '../instruments/rooms';
import { SlatePanel } from '../instruments/SlatePanel';
import type { RepairKind } from '../words/repairs';
import { StationActions } from './StationActions';
import { RulesDialog } from './RulesDialog';
import { RepairDialog } from './RepairDialog';
import { asking } from './sitsFast';
import { SitsFastDialog } from './SitsFastDialog';
import { RemarkLine } from './RemarkLine';
import { TimeLeft } from './TimeLeft';
import { Tour } from './Tour';
import { noteShownTheBay, wasShownTheBay } from './tourTaken';
import { UnderWay } from './UnderWay';
import { useBay, type DoAction } from './useBay';
import { usePalette } from './usePalette';
import { useNews } from './useNews';

export function BayPage() {
    const bay = useBay(Number(useParams().attempt));
    if (bay.query.isPending) return <LoadingPage what={t('wait.bay')} />;
    if (bay.query.data === undefined)
        return (
            <FailedPage
                what={t('wait.bay')}
                error={bay.query.error}
                onRetry={() => void bay.query.refetch()}
            />
        );
    return <BayFloor attempt={bay.query.data} {...bay} />;
}

type Sheet =
    | 'cause'
    | 'conclude'
    | 'keys'
    | 'rules'
    | 'counsel'
    | 'tour'
    | { repair: RepairKind }
    | { fast: Action }
    | null;

function BayFloor({ attempt, act, busy, notice, dismiss }: ReturnType<typeof useBay> & { attempt: Attempt }) {
    const [start] = useState(() => leftOff(attempt));
    const [channelId, setChannel] = useState(start.channel);
    const [station, setStation] = useState<Station>(start.channel === WHOLE_CAR ? 'supply' : 'sensor-plug');
    const [leads, setLeads] = useState<Leads>(start.leads);
    const [instrument, setInstrument] = useState(start.instrument);
    const signIn = useSession().data?.user?.signIn ?? '';
    const [sheet, setSheet] = useState<Sheet>(() =>
        attempt.trialOf === null && !attempt.state.concluded && !wasShownTheBay(signIn) ? 'tour' : null,
    );
    const [onTop, setOnTop] = useState<OnTop>('slate');
    const [message, setMessage] = useState('');
    const goTo = (next: string) => {
        setChannel(next);
        if (!stationsAt(attempt.car, next).includes(station)) setStation(stationsAt(attempt.car, next)[0]!);
    };
    const { state, room } = attempt;
    const { news, ahead, askForHelp } = useNews(attempt);
    const told = notice !== '' ? notice : room === null ? '' : t('bay.room', { percent: room });

    const onAct: DoAction = async (action, onFields) => {
        setMessage('');
        onFields?.({});
        setInstrument(panelAfter(action.do) ?? instrument);
        try {
            const step = await act(asking(action));
            if (step?.observation.refusal === 'sits-fast') return setSheet({ fast: step.action });
            if (step !== null)
                setMessage(
                    said(
                        step.observation.refusal,
                        step.action.do === 'measure' ? [] : step.observation.notes,
                    ),
                );
        } catch (error) {
            const fields = error instanceof Refused ? error.fields : {};
            if (fields.action !== undefined) setMessage(fields.action);
            else if (onFields !== undefined && Object.keys(fields).length > 0) onFields(fields);
            else setMessage(error instanceof Error ? error.message : t('error.unexpected'));
        }
    };
    const endTour = () => {
        noteShownTheBay(signIn);
        setSheet(null);
    };
    const toPanel = (panel: string) => {
        setOnTop(panel === 'card' ? 'card' : 'slate');
        if (panel !== 'card') setInstrument(panel);
    };
    usePalette({
        attempt,
        onPanel: toPanel,
        onPlace: (at, there) => {
            setChannel(at);
            setStation(there);
        },
        onWork: (action) => (action.do === 'repair' ? setSheet({ repair: action.kind }) : void onAct(action)),
    });
    useShortcuts({
        c: () => state.concluded || setSheet('cause'),
        '?': () => setSheet('keys'),
        r: () => setSheet('rules'),
    });
    const common = {
        attempt,
        channel: channelId,
        busy: busy || state.concluded,
        onAct,
    };

    return (
        <Page
            busy={busy}
            title={
                <>
                    {attempt.jobTitle}{' '}
                    <span className="font-normal text-ink-soft tablet:hidden">{attempt.car.name}</span>
                </>
            }
            middle={<OrderLine attempt={attempt} busy={common.busy} onAct={onAct} onPanel={toPanel} />}
            right={
                <span className="tabular flex items-center gap-4 whitespace-nowrap">
                    <OnTopSwitch onTop={onTop} onChoose={setOnTop} />
                    {attempt.trialOf !== null && (
                        <Link
                            to={`/cases/${attempt.trialOf}`}
                            className="font-sans text-petrol underline tablet:w-24 tablet:text-small tablet:whitespace-normal"
                        >
                            {t('trial.back')}
                        </Link>
                    )}
                    {news !== undefined && !state.concluded && (
                        <span className="font-sans whitespace-nowrap">
                            <TimeLeft news={news} ahead={ahead} />
                        </span>
                    )}
                    <span>{clock(state.minutes)}</span>
                    <span>{t('bay.parts', { money: state.money })}</span>
                </span>
            }
            foot={
                <BayFoot
                    attempt={attempt}
                    told={told}
                    onDismiss={notice === '' ? undefined : dismiss}
                    news={news}
                    askForHelp={askForHelp}
                    onCounsel={() => setSheet('counsel')}
                    onKeys={() => setSheet('keys')}
                />
            }
        >
            <div className="flex h-full min-h-0 flex-col">
                <RemarkLine attempt={attempt.id} remarks={state.concluded ? [] : (news?.remarks ?? [])} />
                <PairLine attempt={attempt.id} news={news} />
                <div className="grid min-h-0 flex-1 bay-columns gap-4" data-on-top={onTop}>
                    <JobCard
                        attempt={attempt}
                        onNameCause={() => setSheet('cause')}
                        onConclude={() => setSheet('conclude')}
                        onRules={() => setSheet('rules')}
                        onStrike={(entry) => void act({ do: 'strike-out', entry })}
                    />
                    <div className="flex min-h-0 min-w-0 flex-col gap-3">
                        <div data-tour="plan" className="grid h-44 shrink-0 floor-plan-columns gap-4">
                            <FloorPlan car={attempt.car} state={state} channel={channelId} onChoose={goTo} />
                            <LampPanel attempt={attempt} />
                        </div>
                        <PathSection
                            attempt={attempt}
                            channelId={channelId}
                            station={station}
                            leads={leads}
                            onStation={setStation}
                            onLead={(lead, pad) => setLeads((now) => placed(now, lead, pad))}
                        />
                        <fieldset
                            data-tour="work"
                            disabled={state.concluded}
                            className="flex min-h-0 flex-col gap-3"
                        >
                            <UnderWay car={attempt.car} state={state} />
                            <Controls attempt={attempt} channel={channelId} onAct={onAct} />
                            {message !== '' && <Caution live>{message}</Caution>}
                            <StationActions
                                {...common}
                                station={station}
                                onRepair={(repair) => setSheet({ repair })}
                            />
                        </fieldset>
                    </div>
                    <SlatePanel
                        {...common}
                        act={act}
                        instrument={instrument}
                        onInstrument={setInstrument}
                        leads={leads}
                        onRepair={(repair) => setSheet({ repair })}
                    />
                </div>
            </div>
            <CauseDialog
                attempt={attempt}
                channel={channelId}
                station={station}
                open={sheet === 'cause'}
                onClose={() => setSheet(null)}
                act={act}
            />
            <ConcludeDialog
                attempt={attempt}
                open={sheet === 'conclude'}
                onClose={() => setSheet(null)}
                onAct={onAct}
            />
            <RepairDialog
                attempt={attempt}
                channel={channelId}
                repair={
                    sheet !== null && typeof sheet === 'object' && 'repair' in sheet ? sheet.repair : null
                }
                onClose={() => setSheet(null)}
                onAct={onAct}
            />
            <SitsFastDialog
                attempt={attempt}
                action={sheet !== null && typeof sheet === 'object' && 'fast' in sheet ? sheet.fast : null}
                onAct={onAct}
                onClose={() => setSheet(null)}
            />
            {attempt.counselPoints !== null && (
                <CounselDialog
                    attempt={attempt.id}
                    costs={attempt.counselPoints}
                    open={sheet === 'counsel'}
                    onClose={() => setSheet(null)}
                />
            )}
            <KeysDialog
                open={sheet === 'keys'}
                onClose={() => setSheet(null)}
                onTour={() => setSheet('tour')}
            />
            {sheet === 'tour' && <Tour onClose={endTour} onTop={setOnTop} />}
            <RulesDialog
                open={sheet === 'rules'}
                onClose={() => setSheet(null)}
                rules={attempt.rules}
                unsafeActs={attempt.unsafeActs}
                withheld={attempt.withheld}
                madeElsewhere={attempt.madeElsewhere}
            />
        </Page>
    );
}

function said(refusal: string, notes: string[]): string {
    return refusal !== '' ? t(`refusal.${refusal}`) : notes.map((note) => t(`note.${note}`)).join(' ');
}

/** A lead put on a pad; the other one leaves it if it was there. */
function placed(leads: Leads, lead: 'one' | 'two', pad: string): Leads {
    const other = lead === 'one' ? 'two' : 'one';
    return { ...leads, [lead]: pad, ...(leads[other] === pad ? { [other]: '' } : {}) };
}
