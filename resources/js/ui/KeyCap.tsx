/** A key on the keyboard; decoration, the control itself carries aria-keyshortcuts where it has one. */
export function KeyCap({ children }: { children: string }) {
    return (
        <kbd
            aria-hidden
            className="tabular inline-block min-w-5 rounded-part border border-current px-1 text-center text-small font-normal"
        >
            {children}
        </kbd>
    );
}
