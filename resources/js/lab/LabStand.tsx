import type { LabOptions, LabSetting } from '../api/types';
import { Slate } from '../ui/Slate';
import { displayed } from '../words/quantities';
import { t } from '../words/words';
import { formulaText } from './formulaText';
import { LabControls } from './LabControls';
import { LabTrace } from './LabTrace';
import type { Lab } from './useLab';

interface Props {
    name: string;
    options: LabOptions;
    setting: LabSetting;
    lab: Lab;
    /** Half the height of both screens, in volts, so that they can be compared. */
    swing: number;
    onChange: (setting: LabSetting) => void;
    onCopy: () => void;
}

/** One of the two settings: its trace and numbers on the slate, its knobs beneath. */
export function LabStand({ name, options, setting, lab, swing, onChange, onCopy }: Props) {
    const { readings } = lab;
    return (
        <section aria-label={t('lab.setting', { name })} className="flex min-h-0 flex-col gap-3">
            <Slate label={t('lab.shows', { name })} className="min-h-0 flex-1 gap-2 px-3.5 py-3">
                {readings !== undefined && (
                    <>
                        <LabTrace name={name} readings={readings} swing={swing} />
                        <div role="status">
                            <dl className="grid grid-cols-4 gap-x-4 text-small">
                                {Object.entries(readings.numbers).map(([what, number]) => (
                                    <div key={what} className="border-b border-slate-line py-0.5">
                                        <dt className="text-slate-soft">{t(`lab.number.${what}`)}</dt>
                                        <dd className="tabular text-base text-reading">
                                            {number.overload && what !== 'coil'
                                                ? t('lab.never')
                                                : displayed(number)}
                                        </dd>
                                    </div>
                                ))}
                            </dl>
                        </div>
                        <ul
                            className="grid min-h-0 flex-1 auto-rows-min grid-cols-2 gap-x-4 overflow-auto"
                            tabIndex={0}
                            aria-label={t('lab.formulas')}
                        >
                            {readings.formulas.map((formula) => (
                                <li key={formula.key} className="border-b border-slate-line py-1 text-small">
                                    <span className="block text-slate-soft">
                                        {t(`lab.formula.${formula.key}`)}
                                    </span>
                                    <span className="tabular text-reading">{formulaText(formula)}</span>
                                </li>
                            ))}
                        </ul>
                    </>
                )}
            </Slate>
            <LabControls
                name={name}
                options={options}
                setting={setting}
                errors={lab.errors}
                onChange={onChange}
                onCopy={onCopy}
            />
        </section>
    );
}
