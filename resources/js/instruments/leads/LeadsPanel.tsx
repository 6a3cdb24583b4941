import { useState } from 'react';
import { Choice } from '../../ui/Choice';
import { t } from '../../words/words';
import { WHOLE_CAR } from '../../words/card';
import { has, type Tool } from '../tools';
import { BenchSupplyForm } from './BenchSupplyForm';
import { GeneratorForm } from './GeneratorForm';
import { JumperForm } from './JumperForm';
import type { PanelProps } from '../room';

const THINGS = ['generator', 'supply', 'jumpers'] as const;
type Thing = (typeof THINGS)[number];

const NEEDS: Record<Thing, Tool> = {
    generator: 'generator',
    supply: 'bench-supply',
    jumpers: 'jumpers',
};

const USED_FOR: Record<string, Thing> = {
    inject: 'generator',
    'feed-sensor': 'supply',
    'connect-leads': 'jumpers',
    'fit-breakout': 'jumpers',
};

/** Whatever is clipped to the car: signal generator, bench supply, jumper leads, breakout lead. */
export function LeadsPanel(props: PanelProps) {
    const things = THINGS.filter((one) => has(props.attempt, NEEDS[one]));
    const [thing, setThing] = useState<Thing>(
        () =>
            props.attempt.steps.flatMap(({ action }) => USED_FOR[action.do] ?? []).at(-1) ??
            things[0] ??
            'generator',
    );
    // what sits at no corner has no sensor plug to clip anything on
    const corner = props.channel === WHOLE_CAR ? props.attempt.car.channels[0]!.id : props.channel;
    const rest = { ...props, channel: corner };
    return (
        <>
            <Choice
                onSlate
                label={t('leads.which')}
                value={thing}
                onChoose={setThing}
                options={things.map((value) => ({ value, label: t(`leads.${value}`) }))}
                className="text-small"
            />
            {thing === 'generator' && <GeneratorForm {...rest} />}
            {thing === 'supply' && <BenchSupplyForm {...rest} />}
            {thing === 'jumpers' && <JumperForm {...rest} />}
        </>
    );
}
