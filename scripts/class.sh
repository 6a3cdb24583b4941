# A class on the local network: more processes, copies of the database, and what has to be known. Sourced by ./lernfall.

class_room() {
    local port=8000 start=seeded certificate='' key='' scheme=http addresses address open
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) port="${2:?--port needs a number}"; shift 2 ;;
            --empty) start=empty; shift ;;
            --certificate) certificate="${2:?--certificate needs a file}"; shift 2 ;;
            --key) key="${2:?--key needs a file}"; shift 2 ;;
            *) echo "unknown option $1; see ./lernfall help" >&2; exit 2 ;;
        esac
    done
    if [ -n "$certificate$key" ]; then
        scheme=https
        [ -r "$certificate" ] && [ -r "$key" ] || { echo "a certificate and its key go together, and both files have to be readable: --certificate FILE --key FILE" >&2; exit 2; }
    fi
    set_up serve
    prepare_database "$start"
    addresses=$(hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^[0-9]+(\.[0-9]+){3}$' || true)
    export LERNFALL_ADDRESS="$scheme://$(head -n 1 <<<"${addresses:-127.0.0.1}"):$port"
    if [ "$scheme" = https ]; then
        serve_encrypted "$port" "$certificate" "$key"
    else
        start_serving 0.0.0.0 "$port" 8
    fi
    copy_now_and_then &
    copier=$!
    echo
    echo "Tablets and computers in the same network open one of these addresses:"
    echo
    for address in ${addresses:-127.0.0.1}; do in_large_letters "$scheme://$address:$port"; done
    echo
    echo "A class without names and passwords comes in by a code: People, Join by a code."
    echo "Reachable: Lernfall alone, on port $port, for everybody in this network; nothing else of this machine."
    echo "If a tablet cannot reach it: some wireless networks keep their devices apart (guest network, client"
    echo "isolation). Use the school's own network or a router of your own, and let this machine's firewall pass port $port."
    if [ "$scheme" = https ]; then
        echo "What travels is encrypted. Type the address with https:// before it; a browser that warns does not trust the"
        echo "certificate, or it is made out for another name: whoever looks after the tablets can put that right."
    else
        echo "Names and passwords travel readable in this network: there is no encryption. Use it in a network you trust,"
        echo "or give it the certificate of your school: --certificate FILE --key FILE."
    fi
    open=$(php artisan accounts:open | tr '\n' ' ')
    if [ -n "$open" ]; then
        echo
        echo "!! Anybody who knows the demo can sign in as: $open"
        echo "   Give them new passwords (People), or begin with a database of your own: ./lernfall class --empty"
    fi
    if php artisan accounts:open --nobody >/dev/null; then
        echo
        echo "Nobody is in this database yet. The first administrator: php artisan accounts:administrator SIGN-IN 'NAME'"
    fi
    echo
    echo "Copies of the database, one every ten minutes: storage/app/backups. Stop with Ctrl+C."
    wait -n "$server" ${door:-}
}

in_large_letters() {
    local line="  $(sed 's/./& /g' <<<"$1") "
    echo "  +$(printf '%*s' "${#line}" '' | tr ' ' '-')+"
    echo "  |$line|"
    echo "  +$(printf '%*s' "${#line}" '' | tr ' ' '-')+"
}

copy_now_and_then() {
    trap 'exit 0' TERM
    while :; do
        sleep 600 &
        wait $!
        php artisan house:back-up >/dev/null 2>>storage/logs/backup.log || true
    done
}

# serve_encrypted PORT CERTIFICATE KEY: the server for this machine alone, and a door before it that speaks TLS; sets server and door
serve_encrypted() {
    local inner; inner=$(free_port)
    export LERNFALL_ENCRYPTED=1 SESSION_SECURE_COOKIE=true
    start_serving 127.0.0.1 "$inner" 8
    export APP_URL="$LERNFALL_ADDRESS"
    node scripts/encrypted-door.mjs "$1" "$inner" "$2" "$3" &
    door=$!
    until curl --silent --insecure --output /dev/null "https://127.0.0.1:$1/"; do
        kill -0 "$door" 2>/dev/null || exit 1
        sleep 0.1
    done
}
