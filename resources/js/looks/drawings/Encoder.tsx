import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, amount } from '../shows';

/** A magnet ring shows no poles to the eye: a plain dark band. A turn moves it past; a chalk mark tells where it began. */
export function Encoder({ shows, view, seed }: DrawingProps) {
    const phase = view.turn / 2;
    const past = (at: number): number => tenths(((((at - phase + 0.5) % 1) + 1) % 1) * 900 - 250);
    const scratches = amount(shows, 'gone');
    return (
        <g>
            <rect width={400} height={300} className="fill-part-plate" />
            <path
                d="M0 96Q200 66 400 96V214Q200 186 0 214Z"
                className="fill-part-rubber stroke-part-edge"
                strokeWidth={4}
            />
            <path
                d="M0 104Q200 74 400 104"
                className="fill-none stroke-part-sheen"
                strokeWidth={4}
                opacity={0.6}
            />
            <Specks
                seed={`${seed} dirt`}
                many={70}
                share={amount(shows, 'dirt')}
                box={{ x: 0, y: 100, width: 400, height: 100 }}
                size={3}
                className="fill-part-dirt"
            />
            {scratches > 0 && (
                <g transform={`translate(${past(amount(shows, 'at'))} 0)`}>
                    <path
                        d={Array.from(
                            { length: Math.min(6, 2 + scratches) },
                            (_, index) => `M${index * 9 - 24} ${112 + index * 3}l14 66`,
                        ).join('')}
                        className="fill-none stroke-part-shine"
                        strokeWidth={3}
                    />
                    <path
                        d="M-30 128l70 12M-26 158l64 8"
                        className="fill-none stroke-part-metal"
                        strokeWidth={2}
                    />
                </g>
            )}
            <path
                d={`M${past(0)} 150l16 14M${past(0) + 14} 150l-12 14`}
                className="fill-none stroke-part-chalk"
                strokeWidth={5}
            />
            <Specks
                seed={`${seed} plate`}
                many={50}
                share={amount(shows, 'rust')}
                box={{ x: 0, y: 222, width: 400, height: 70 }}
                size={3}
                className="fill-part-rust"
            />
        </g>
    );
}
