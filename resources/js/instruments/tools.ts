import type { Attempt } from '../api/types';

export type Tool = Attempt['withheld'][number];

export function has({ withheld }: Pick<Attempt, 'withheld'>, tool: Tool): boolean {
    return !withheld.includes(tool);
}
