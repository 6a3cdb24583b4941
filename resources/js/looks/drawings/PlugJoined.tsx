import { Specks } from '../Specks';
import { type DrawingProps, amount, word } from '../shows';

/** A plug as it sits: two housings, and the tongue that should lie over the nose between them. */
export function PlugJoined({ shows, seed }: DrawingProps) {
    const away = word(shows, 'catch') === 'away';
    return (
        <g>
            <path d="M0 168H70M330 168H400" className="stroke-part-rubber" strokeWidth={26} fill="none" />
            <rect
                x={60}
                y={112}
                width={away ? 136 : 142}
                height={112}
                rx={14}
                className="fill-part-plastic stroke-part-edge"
                strokeWidth={4}
            />
            <rect
                x={away ? 210 : 200}
                y={124}
                width={130}
                height={88}
                rx={10}
                className="fill-part-plastic-light stroke-part-edge"
                strokeWidth={4}
            />
            {away && <path d="M197 130V206" className="stroke-part-hole" strokeWidth={7} />}
            <path
                d={`M${away ? 236 : 226} 124L${away ? 250 : 240} 104H${away ? 264 : 254}L${away ? 268 : 258} 124Z`}
                className="fill-part-plastic-light stroke-part-edge"
                strokeWidth={3}
            />
            <g transform={away ? 'rotate(-17 150 104)' : undefined}>
                <path
                    d="M120 112V92H274V116H262V103H140V112Z"
                    className="fill-part-plastic stroke-part-edge"
                    strokeWidth={3}
                />
            </g>
            <Specks
                seed={`${seed} dirt`}
                many={90}
                share={amount(shows, 'dirt')}
                box={{ x: 66, y: 118, width: 270, height: 96 }}
                size={3.4}
                className="fill-part-dirt"
            />
        </g>
    );
}
