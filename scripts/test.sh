#!/usr/bin/env bash
# Runs every check, or the one named, and closes with one summary line.
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

readonly PARTS=(style static types core reference feature browser)
passed=0
failed=0
failures=()

count_phpunit() { # reads the closing line of a PHPUnit run
    local tests bad
    tests=$(grep -oE '(OK \(|Tests: )[0-9]+' "$1" | grep -oE '[0-9]+' | tail -n 1)
    bad=$(grep -E '^Tests: ' "$1" | grep -oE '(Failures|Errors): [0-9]+' | grep -oE '[0-9]+' | awk '{sum += $1} END {print sum + 0}')
    tests=${tests:-0}
    bad=${bad:-0}
    echo "$((tests - bad)) $bad"
}

run_part() {
    local part="$1" log status good bad
    log=$(mktemp)
    echo "== $part"
    case "$part" in
        style) { vendor/bin/pint --test && npm run --silent format && npm run --silent lint; } 2>&1 ;;
        static) { vendor/bin/phpstan analyse -c phpstan-core.neon --no-progress --memory-limit=2G && vendor/bin/phpstan analyse --no-progress --memory-limit=2G; } 2>&1 ;;
        types) npm run --silent types 2>&1 ;;
        core | reference | feature | browser) vendor/bin/phpunit --testsuite "$part" 2>&1 ;;
        *) echo "unknown part '$part'; one of: ${PARTS[*]}"; false ;;
    esac | tee "$log"
    status=${PIPESTATUS[0]}
    case "$part" in
        core | reference | feature | browser)
            read -r good bad < <(count_phpunit "$log")
            if [ "$status" != 0 ] && [ "$bad" = 0 ]; then bad=1; fi
            if [ "$good" = 0 ] && [ "$bad" = 0 ]; then echo "no test ran in $part"; bad=1; fi
            ;;
        *) if [ "$status" = 0 ]; then good=1 bad=0; else good=0 bad=1; fi ;;
    esac
    passed=$((passed + good))
    failed=$((failed + bad))
    [ "$bad" = 0 ] || failures+=("$part")
    rm -f "$log"
}

if [ $# -gt 0 ]; then
    for part in "$@"; do run_part "$part"; done
else
    for part in "${PARTS[@]}"; do run_part "$part"; done
fi

echo
[ ${#failures[@]} = 0 ] || echo "not in order: ${failures[*]}"
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
