# Shared by bin/demo and bin/test: installs what is missing, so that both run
# from a fresh clone on a fresh machine. Each step leaves a stamp of what it was
# made from and is skipped while that has not changed.

set -euo pipefail

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"
mkdir -p .state bootstrap/cache storage/framework/{views,sessions,cache/data} storage/logs

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

# Runs a command with its output kept aside; shows it only when the command fails.
quietly() {
    local log=".state/last-step-$BASHPID.log"
    "$@" >"$log" 2>&1 || { cat "$log" >&2; fail "This step failed: $*"; }
    rm -f "$log"
}

stamp_of() { { php -r 'echo PHP_VERSION_ID;'; cat "$@"; } | sha256sum | cut -d' ' -f1; }
is_fresh() { [ -f ".state/$1" ] && [ "$(cat ".state/$1")" = "$2" ]; }
make_fresh() { printf '%s' "$2" >".state/$1"; }

# install_debian PACKAGE…: as root; else names what is missing and stops.
install_debian() {
    [ "$(id -u)" -eq 0 ] || fail "These Debian packages are missing: $*
Install them, for example with: sudo apt-get install $*"
    say "Installing Debian packages: $*"
    quietly env DEBIAN_FRONTEND=noninteractive apt-get update
    quietly env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"
}

need_tools() {
    local missing=()
    command -v php >/dev/null || missing+=(php8.2-cli)
    command -v composer >/dev/null || missing+=(composer)
    command -v unzip >/dev/null || missing+=(unzip)
    [ ${#missing[@]} -eq 0 ] || install_debian "${missing[@]}"
    command -v node >/dev/null && command -v npm >/dev/null || fail 'Node.js 20 or newer with npm is missing. Install it first.'
}

need_extensions() {
    local missing=() pair
    for pair in pdo_sqlite:sqlite3 curl:curl zip:zip gd:gd bcmath:bcmath mbstring:mbstring dom:xml intl:intl; do
        php -r "exit(extension_loaded('${pair%%:*}') ? 0 : 1);" || missing+=("php8.2-${pair##*:}")
    done
    [ ${#missing[@]} -eq 0 ] || install_debian "${missing[@]}"
}

# Every package in the version of composer.versions, those that others want too: two installs are the same.
pinned_versions() { awk '{ printf " --with %s:%s", $1, $2 }' composer.versions; }

# Both at once: the one waits for the network while the other unpacks.
need_packages() {
    local composer
    need_composer_packages &
    composer=$!
    need_npm_packages
    wait "$composer" || exit 1
}

need_composer_packages() {
    local php_stamp
    php_stamp=$(stamp_of composer.json composer.versions)
    if ! is_fresh composer "$php_stamp" || [ ! -d vendor ]; then
        say 'Installing Composer packages (about 15 seconds)…'
        # What was installed of an earlier composer.json: its choice of versions, and the list of its packages.
        rm -f composer.lock bootstrap/cache/packages.php bootstrap/cache/services.php
        COMPOSER_ALLOW_SUPERUSER=1 quietly composer update --no-interaction --no-progress --no-scripts ${COMPOSER_FLAGS:-} $(pinned_versions)
        make_fresh composer "$php_stamp"
    fi
}

need_npm_packages() {
    local node_stamp
    node_stamp=$(stamp_of package-lock.json)
    if ! is_fresh npm "$node_stamp" || [ ! -d node_modules ]; then
        say 'Installing npm packages (about 30 seconds)…'
        # Twice: a package that starts the program it has just unpacked now and then finds it still open for writing.
        npm ci --no-audit --no-fund >/dev/null 2>&1 || quietly npm ci --no-audit --no-fund
        make_fresh npm "$node_stamp"
    fi
}

need_build() {
    local sources
    sources=$(find resources bin/service-worker.mjs vite.config.ts package-lock.json tsconfig.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
    if ! is_fresh build "$sources" || [ ! -f public/build/manifest.json ] || [ ! -f public/sw.js ]; then
        say 'Building the front end…'
        quietly npm run --silent build
        find public/build -type f \( -name '*.js' -o -name '*.css' \) -exec gzip -k9f {} +
        make_fresh build "$sources"
    fi
}

need_environment() {
    [ -f .env ] || cp .env.example .env
    chmod 600 .env
    grep -q '^APP_KEY=.' .env || quietly php artisan key:generate --force
}

# fill_demo FILE: the demo in a new database. It is filled aside and put in place
# when it is whole, so that one that was killed half-way is never taken for one.
fill_demo() {
    local aside="$1.filling"
    rm -f "$aside" "$aside-wal" "$aside-shm"
    (umask 077; : >"$aside")
    DB_DATABASE="$aside" quietly php artisan migrate --force
    say 'Filling the demo: Heron Lock, two years of history…'
    DB_DATABASE="$aside" quietly php artisan db:seed --class=HeronLockSeeder --force
    say 'Drawing its pictures…'
    rm -rf storage/app/pictures
    DB_DATABASE="$aside" quietly php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M artisan db:seed --class=HeronLockPictures --force
    rm -f "$1" "$1-wal" "$1-shm"
    mv "$aside" "$1"
}
