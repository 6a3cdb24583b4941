import { useEffect, useRef } from 'react';
import type { ShownTrace } from '../../api/types';
import { t } from '../../words/words';
import { ACROSS, axisNumbers, GREATEST_STEP, UP, type AxisNumber } from './axes';

interface Props {
    traces: ShownTrace[];
    /** In shares of the width. */
    cursors: number[];
    running: boolean;
    size?: Size;
    /** Volts at the middle of the screen. */
    middle?: number;
    label?: string;
}

export interface Size {
    width: number;
    height: number;
}

const ON_THE_SLATE: Size = { width: 300, height: 176 };
/** The beam is redrawn no faster than an eye can follow. */
const AXIS_FONT = '10px "IBM Plex Mono", monospace';
const SHORTEST_SWEEP_MILLISECONDS = 700;

/** The screen, drawn sharply on a canvas; running, the beam sweeps over the last capture again and again. */
export function ScopeScreen({ traces, cursors, running, size = ON_THE_SLATE, middle = 0, label }: Props) {
    const canvas = useRef<HTMLCanvasElement>(null);

    useEffect(() => {
        const surface = canvas.current;
        const pen = surface?.getContext('2d');
        if (!surface || !pen) return;
        const density = window.devicePixelRatio || 1;
        surface.width = size.width * density;
        surface.height = size.height * density;
        pen.setTransform(density, 0, 0, density, 0, 0);
        const colours = inks(surface);
        const numbers = axisNumbers(traces, middle);
        if (!running || window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
            draw(pen, size, colours, traces, cursors, numbers, 1);
            return;
        }
        const span = (traces[0]?.secondsPerSample ?? 0) * (traces[0]?.steps.length ?? 0) * 1000;
        const sweep = Math.max(span, SHORTEST_SWEEP_MILLISECONDS);
        const begin = performance.now();
        let frame = requestAnimationFrame(function redraw(now) {
            draw(pen, size, colours, traces, cursors, numbers, ((now - begin) % sweep) / sweep);
            frame = requestAnimationFrame(redraw);
        });
        return () => cancelAnimationFrame(frame);
    }, [traces, cursors, running, size, middle]);

    return (
        <canvas
            ref={canvas}
            role="img"
            aria-label={label ?? t('scope.screen')}
            style={{ width: size.width, maxWidth: '100%', aspectRatio: `${size.width} / ${size.height}` }}
            className="shrink-0 rounded-edge border border-slate-line"
        />
    );
}

type Inks = Record<'grid' | 'axis' | 'a' | 'b' | 'cursor', string>;

function inks(surface: HTMLCanvasElement): Inks {
    const style = getComputedStyle(surface);
    const token = (name: string) => style.getPropertyValue(`--color-${name}`);
    return {
        grid: token('slate-line'),
        axis: token('slate-soft'),
        a: token('reading'),
        b: token('lead-two'),
        cursor: token('lead-one'),
    };
}

function draw(
    pen: CanvasRenderingContext2D,
    { width, height }: Size,
    colours: Inks,
    traces: ShownTrace[],
    cursors: number[],
    numbers: AxisNumber[],
    share: number,
): void {
    pen.clearRect(0, 0, width, height);
    for (let line = 0; line <= ACROSS; line++)
        stroke(
            pen,
            line === ACROSS / 2 ? colours.axis : colours.grid,
            (line * width) / ACROSS,
            0,
            (line * width) / ACROSS,
            height,
        );
    for (let line = 0; line <= UP; line++)
        stroke(
            pen,
            line === UP / 2 ? colours.axis : colours.grid,
            0,
            (line * height) / UP,
            width,
            (line * height) / UP,
        );
    pen.setLineDash([4, 3]);
    for (const cursor of cursors) stroke(pen, colours.cursor, cursor * width, 0, cursor * width, height);
    pen.setLineDash([]);
    for (const number of numbers) write(pen, { width, height }, colours, number);
    traces.forEach((trace, index) =>
        line(
            pen,
            { width, height },
            index === 0 ? colours.a : colours.b,
            trace,
            share,
            index + 1,
            traces.length > 1,
        ),
    );
}

/** A number of an axis: those of the first input at the left edge, of the second at the right, of time along the bottom. */
function write(
    pen: CanvasRenderingContext2D,
    { width, height }: Size,
    colours: Inks,
    { x, y, text, input }: AxisNumber,
): void {
    pen.font = AXIS_FONT;
    pen.fillStyle = input === 1 ? colours.b : colours.axis;
    pen.textAlign = input === null ? 'center' : input === 0 ? 'left' : 'right';
    pen.fillText(
        text,
        Math.min(width - 3, Math.max(3, x * width)),
        input === null ? height - 4 : y * height - 3,
    );
    pen.textAlign = 'left';
}

function stroke(
    pen: CanvasRenderingContext2D,
    colour: string,
    x1: number,
    y1: number,
    x2: number,
    y2: number,
): void {
    pen.strokeStyle = colour;
    pen.lineWidth = 1;
    pen.beginPath();
    pen.moveTo(Math.round(x1) + 0.5, Math.round(y1) + 0.5);
    pen.lineTo(Math.round(x2) + 0.5, Math.round(y2) + 0.5);
    pen.stroke();
}

/** The line of one input; where something shorter than a sample happens, from the least to the greatest. Its number stands at its left end. */
function line(
    pen: CanvasRenderingContext2D,
    { width, height }: Size,
    colour: string,
    { steps, lows, highs }: ShownTrace,
    share: number,
    number: number,
    isNumbered: boolean,
): void {
    const until = Math.ceil(steps.length * share);
    const x = (sample: number) => (sample / steps.length) * width;
    const y = (step: number) => height / 2 - (step / GREATEST_STEP) * (height / 2);
    pen.strokeStyle = colour;
    pen.lineWidth = 1.6;
    pen.lineJoin = 'round';
    if (number > 1) pen.setLineDash([7, 2]);
    pen.beginPath();
    for (let sample = 0; sample < until; sample++) {
        if (sample === 0) pen.moveTo(x(sample), y(steps[sample]!));
        else pen.lineTo(x(sample), y(steps[sample]!));
        if (lows !== undefined && highs !== undefined && highs[sample]! > lows[sample]!) {
            pen.lineTo(x(sample), y(highs[sample]!));
            pen.lineTo(x(sample), y(lows[sample]!));
            pen.lineTo(x(sample), y(steps[sample]!));
        }
    }
    pen.stroke();
    pen.setLineDash([]);
    if (!isNumbered) return;
    const top = Math.min(height - 16, Math.max(2, y(steps[0] ?? 0) - 18));
    pen.fillStyle = colour;
    pen.font = '600 12px system-ui, sans-serif';
    pen.fillText(String(number), 4 + 14 * (number - 1), top + 12);
}
