/** Pairs of letters that stand side by side, as one types them. */
function pairs(text: string): string[] {
    const letters = [...` ${text.toLocaleLowerCase().trim()} `];
    return letters.slice(1).map((letter, index) => `${letters[index]}${letter}`);
}

/** Least likeness of what is typed to a word that is meant by it, from 0 to 1. */
const LIKE = 0.34;

/**
 * The options that are meant by what somebody types, the likest first, however it is spelled. What begins a word of an option counts most, then how many pairs of letters
 * of what is typed it has (Dice 1945, of what is typed only, since an option is longer).
 */
export function nearest<T>(typed: string, options: T[], text: (option: T) => string): T[] {
    const wanted = typed.toLocaleLowerCase().trim();
    if (wanted === '') return options;
    return options
        .map((option) => ({ option, likeness: likeness(wanted, text(option).toLocaleLowerCase()) }))
        .filter((one) => one.likeness >= LIKE)
        .sort((one, other) => other.likeness - one.likeness)
        .map((one) => one.option);
}

function likeness(wanted: string, text: string): number {
    if (` ${text}`.includes(` ${wanted}`)) return 2 + wanted.length / text.length;
    const there = new Set(pairs(text));
    const asked = pairs(wanted);
    return asked.filter((pair) => there.has(pair)).length / asked.length;
}
