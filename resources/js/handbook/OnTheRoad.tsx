import { Link } from 'react-router';
import { Paper, PaperHeading } from '../ui/Paper';
import { t } from '../words/words';

const WORKINGS = ['slip', 'curve', 'reference', 'cycle', 'rear', 'yaw', 'traction', 'steps'] as const;
const NORMAL = ['noise', 'beat', 'gravel', 'split', 'last-metres', 'spin', 'lamp'] as const;
const COMPLAINTS = [
    'beats-gently',
    'pulses',
    'pulls-hard',
    'pulls-always',
    'one-mark',
    'all-slide',
    'pedal-sinks',
    'no-traction',
    'noise',
    'longer',
] as const;
const SCHOOLS = ['recording', 'provoking', 'swapping', 'speed', 'pedal-first', 'tyres'] as const;

/** How slip is controlled, what of it is normal, what complaints can come from, and where the trade does not agree. */
export function OnTheRoad() {
    return (
        <div className="grid h-full grid-cols-3 gap-4">
            <Listed label="handbook.workings">
                <Entries of="working" names={WORKINGS} />
                <p className="py-2">
                    <Link to="/lab/road" className="text-petrol underline">
                        {t('handbook.to-road-lab')}
                    </Link>
                </p>
            </Listed>
            <Listed label="handbook.complaints">
                <Entries of="complaint" names={COMPLAINTS} />
            </Listed>
            <div className="grid min-h-0 grid-rows-2 gap-4">
                <Listed label="handbook.normal">
                    <Entries of="normal" names={NORMAL} />
                </Listed>
                <Listed label="handbook.schools">
                    <Entries of="school" names={SCHOOLS} />
                </Listed>
            </div>
        </div>
    );
}

function Listed({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        <Paper label={t(label)} className="h-full">
            <PaperHeading>{t(label)}</PaperHeading>
            <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="group" aria-label={t(label)}>
                {children}
            </div>
        </Paper>
    );
}

function Entries({ of, names }: { of: string; names: readonly string[] }) {
    return (
        <dl>
            {names.map((name) => (
                <div key={name} className="border-b border-rule py-2">
                    <dt className="font-semibold">{t(`handbook.${of}.${name}`)}</dt>
                    <dd>{t(`handbook.${of}.${name}.text`)}</dd>
                </div>
            ))}
        </dl>
    );
}
