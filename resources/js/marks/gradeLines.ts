import { typedNumber } from '../words/number';
import { number } from '../words/reader';

export interface GradeStep {
    from: number;
    grade: string;
}

export function written(steps: GradeStep[]): string {
    return steps.map(({ from, grade }) => `${number(from)} ${grade}`).join('\n');
}

/** The steps, or the number of the first line that is none. */
export function readLines(text: string): GradeStep[] | number {
    const lines = text.split('\n').map((line) => line.trim());
    const steps: GradeStep[] = [];
    for (const [index, line] of lines.entries()) {
        if (line === '') continue;
        const [, share = '', grade = ''] = /^(\S+)\s+(.{1,12})$/.exec(line) ?? [];
        const from = typedNumber(share.replace('%', ''));
        if (from === null || from < 0 || from > 100 || grade === '') return index + 1;
        steps.push({ from, grade });
    }
    return steps;
}
