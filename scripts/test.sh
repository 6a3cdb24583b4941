#!/usr/bin/env bash
# Runs every check, or the parts named, on all cores, and closes with the time of each part and one summary line.
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

readonly PARTS=(style static types core reference feature hostile browser)
CORES=$(nproc)
passed=0
failed=0
failures=()
times=()

# one seeded database for all classes of browser tests
LERNFALL_SEEDED=$(mktemp -d)
export LERNFALL_SEEDED
trap 'rm -rf "$LERNFALL_SEEDED"' EXIT

count_phpunit() { # reads the closing line of a PHPUnit run
    local tests bad
    tests=$(grep -oE '(OK \(|Tests: )[0-9]+' "$1" | grep -oE '[0-9]+' | tail -n 1)
    bad=$(grep -E '^Tests: ' "$1" | grep -oE '(Failures|Errors): [0-9]+' | grep -oE '[0-9]+' | awk '{sum += $1} END {print sum + 0}')
    tests=${tests:-0}
    bad=${bad:-0}
    echo "$((tests - bad)) $bad"
}

# The opcode cache compiles to machine code while they run, which takes a fifth off the sweeps.
readonly COMPILED=(-d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M)

beside_each_other() {
    vendor/bin/paratest --processes="$CORES" --passthru-php="$(printf "'%s' " "${COMPILED[@]}")" "$@"
}

styled() { # PHP beside TypeScript
    vendor/bin/pint --test &
    local php=$! status=0
    { npm run --silent format && npm run --silent lint; } || status=1
    wait "$php" && [ "$status" = 0 ]
}

analysed() {
    local config
    for config in phpstan-core.neon phpstan.neon phpstan-tests.neon; do
        vendor/bin/phpstan analyse -c "$config" --no-progress --memory-limit=2G || return 1
    done
}

run_part() {
    local part="$1" log status good bad begun
    if [ "$part" = thorough ]; then # one after the other: what has been run in full stays in memory
        for part in core reference feature hostile; do LERNFALL_THOROUGH=1 run_part "$part"; done
        return
    fi
    log=$(mktemp)
    begun=$SECONDS
    echo "== $part"
    case "$part" in
        style) styled 2>&1 ;;
        static) analysed 2>&1 ;;
        types) npm run --silent types 2>&1 ;;
        core | reference | feature | hostile | browser) beside_each_other --testsuite "$part" 2>&1 ;;
        *) echo "unknown part '$part'; one of: ${PARTS[*]} thorough"; false ;;
    esac | tee "$log"
    status=${PIPESTATUS[0]}
    case "$part" in
        core | reference | feature | hostile | browser)
            read -r good bad < <(count_phpunit "$log")
            if [ "$status" != 0 ] && [ "$bad" = 0 ]; then bad=1; fi
            if [ "$good" = 0 ] && [ "$bad" = 0 ]; then echo "no test ran in $part"; bad=1; fi
            ;;
        *) if [ "$status" = 0 ]; then good=1 bad=0; else good=0 bad=1; fi ;;
    esac
    passed=$((passed + good))
    failed=$((failed + bad))
    times+=("$(printf '%-10s %4d s' "$part" $((SECONDS - begun)))")
    [ "$bad" = 0 ] || failures+=("$part")
    rm -f "$log"
}

if [ $# -gt 0 ]; then
    for part in "$@"; do run_part "$part"; done
else
    for part in "${PARTS[@]}"; do run_part "$part"; done
fi

echo
printf '%s\n' "${times[@]}"
echo "in all     $(printf '%4d' $SECONDS) s"
echo
[ ${#failures[@]} = 0 ] || echo "not in order: ${failures[*]}"
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
