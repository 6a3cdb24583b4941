# Installs what is missing, each part only when its stamp is out of date. Sourced by ./lernfall.

say() { printf '· %s\n' "$1"; }

missing_packages() {
    local mode="$1"
    command -v php >/dev/null || echo php8.2-cli
    if command -v php >/dev/null; then
        local modules; modules=$(php -m)
        grep -qx pdo_sqlite <<<"$modules" || echo php8.2-sqlite3
        grep -qx mbstring <<<"$modules" || echo php8.2-mbstring
        grep -qx dom <<<"$modules" || echo php8.2-xml
        grep -qx intl <<<"$modules" || echo php8.2-intl
        grep -qx curl <<<"$modules" || echo php8.2-curl
        grep -qx zip <<<"$modules" || echo php8.2-zip
    fi
    command -v composer >/dev/null || echo composer
    command -v node >/dev/null || echo nodejs
    command -v npm >/dev/null || echo npm
    command -v unzip >/dev/null || echo unzip
    command -v curl >/dev/null || echo curl
    if [ "$mode" = test ]; then
        command -v chromium >/dev/null || echo chromium
        command -v chromedriver >/dev/null || echo chromium-driver
        command -v ngspice >/dev/null || echo ngspice
        { python3 -c "import scipy" || /usr/bin/python3 -c "import scipy"; } 2>/dev/null || echo python3-scipy
    fi
}

install_system_packages() {
    local wanted; wanted=$(missing_packages "$1" | tr '\n' ' ')
    [ -n "$wanted" ] || return 0
    local as_root=()
    if [ "$(id -u)" != 0 ]; then
        if command -v sudo >/dev/null && sudo -n true 2>/dev/null; then
            as_root=(sudo -n)
        else
            echo "These system packages are missing: $wanted" >&2
            echo "Install them (Debian: apt-get install $wanted) and run this again." >&2
            exit 1
        fi
    fi
    if ! command -v apt-get >/dev/null; then
        echo "These programs are missing: $wanted. Install them with this system's package tool and run this again." >&2
        exit 1
    fi
    say "installing system packages: $wanted"
    "${as_root[@]}" apt-get update -qq
    # shellcheck disable=SC2086 -- a list of names
    DEBIAN_FRONTEND=noninteractive "${as_root[@]}" apt-get install -y -qq --no-install-recommends $wanted >/dev/null
}

# up_to_date STAMP FINGERPRINT: whether the stamp file holds this fingerprint
up_to_date() { [ -f "$1" ] && [ "$(cat "$1")" = "$2" ]; }

fingerprint() { cat "$@" 2>/dev/null | sha256sum | cut -d' ' -f1; }

set_up() {
    install_system_packages "$1"

    local mark; mark=$(fingerprint composer.json)
    if ! up_to_date vendor/.stamp "$mark"; then
        say 'installing PHP packages'
        COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet
        echo "$mark" >vendor/.stamp
    fi

    mark=$(fingerprint package-lock.json)
    if ! up_to_date node_modules/.stamp "$mark"; then
        say 'installing front-end packages'
        # not `npm ci`: it wants the optional builds of every platform in the lock file, and not all are to be had
        npm install --no-save --no-audit --no-fund --loglevel=error
        echo "$mark" >node_modules/.stamp
    fi

    mark=$(find resources package-lock.json vite.config.ts tsconfig.json scripts/pack.mjs -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
    if ! up_to_date public/build/.stamp "$mark"; then
        say 'building the front end'
        npm run --silent build >storage/logs/build.log 2>&1 || { cat storage/logs/build.log >&2; exit 1; }
        node scripts/pack.mjs public/build/assets
        echo "$mark" >public/build/.stamp
    fi

    if [ ! -f .env ]; then
        cp .env.example .env
        php artisan key:generate --quiet
    fi
}

# prepare_database seeded|empty: creates the database on the first run, with or without the demo; later runs only bring its tables up to date
prepare_database() {
    if [ ! -f database/lernfall.sqlite ]; then
        say 'creating the database'
        touch database/lernfall.sqlite
        php artisan migrate --force --quiet
        [ "$1" = empty ] || php artisan db:seed --force --quiet
    else
        php artisan migrate --force --quiet
    fi
}

# wait_for ADDRESS PROCESS: until it answers, or the process has died
wait_for() {
    local tries=0
    until curl --silent --fail --output /dev/null "$1"; do
        kill -0 "$2" 2>/dev/null || { cat storage/logs/serve.log >&2; exit 1; }
        tries=$((tries + 1))
        [ "$tries" -lt 100 ] || { echo "no answer from $1" >&2; exit 1; }
        sleep 0.1
    done
}
