import { t } from '../../words/words';
import { type DrawingProps, amount } from '../shows';

const BOTTLE = { top: 92, foot: 258 };

/** The reservoir, with the two lines moulded into its wall. */
export function Reservoir({ shows }: DrawingProps) {
    const level = BOTTLE.foot - amount(shows, 'level') * (BOTTLE.foot - BOTTLE.top);
    return (
        <g>
            <rect
                x={162}
                y={26}
                width={76}
                height={42}
                rx={6}
                className="fill-part-plastic stroke-part-edge"
                strokeWidth={3}
            />
            <path d="M176 30V64M190 30V64M204 30V64M218 30V64" className="stroke-part-edge" strokeWidth={2} />
            <path
                d="M170 68H230V84L272 102V262H128V102L170 84Z"
                className="fill-part-window stroke-part-edge"
                strokeWidth={4}
            />
            <path d={`M130 ${level}H270V260H130Z`} className="fill-part-fluid" />
            <path
                d={`M130 ${level}H270V260H130Z`}
                className="fill-part-soot"
                opacity={amount(shows, 'tint') * 0.5}
            />
            <path d={`M130 ${level}H270`} className="stroke-part-ink" strokeWidth={2.5} />
            <path d="M226 116H272M226 222H272" className="stroke-part-ink" strokeWidth={4} />
            <text
                x={220}
                y={121}
                textAnchor="end"
                className="fill-part-ink font-mono text-[16px] stroke-none"
            >
                {t('look-picture.max')}
            </text>
            <text
                x={220}
                y={227}
                textAnchor="end"
                className="fill-part-ink font-mono text-[16px] stroke-none"
            >
                {t('look-picture.min')}
            </text>
            <path d="M140 112V250" className="stroke-part-shine" strokeWidth={5} opacity={0.7} />
        </g>
    );
}
