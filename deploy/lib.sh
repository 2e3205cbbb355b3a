# Shared by bin/install, bin/upgrade and bin/deploy-check.
#
#   ROOT/releases/<time>   a release each, which nobody changes
#   ROOT/current           the one that runs
#   ROOT/shared            what stays: settings, database, photographs, backups, storage

set -euo pipefail

source_tree=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

artisan() { (cd "$1" && shift && php artisan "$@"); }

# as_owner COMMAND…: as the user who owns the data, when root does it.
as_owner() {
    if [ "$(id -u)" -eq 0 ] && [ "$user" != root ]; then runuser -u "$user" -- "$@"; else "$@"; fi
}

# make_release: builds this source tree into a new release and says where.
make_release() {
    local release="$root/releases/$(date -u +%Y%m%d-%H%M%S)-$$"
    mkdir -p "$release"
    tar -C "$source_tree" --exclude=./.git --exclude=./.state --exclude=./storage --exclude=./node_modules --exclude=./vendor --exclude=./public/build --exclude=./test-results \
        --exclude='./database/*.sqlite*' --exclude=./.env --exclude='./bootstrap/cache/*' -cf - . | tar -C "$release" -xf -
    mkdir -p "$release/bootstrap/cache"
    if [ "${PREBUILT:-}" = yes ]; then
        # What bin/test has built of the same tree already.
        cp -a "$source_tree/vendor" "$release/vendor"
        cp -a "$source_tree/public/build" "$release/public/build"
    else
        (cd "$release" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --no-scripts --no-dev --quiet $(awk '{ printf " --with %s:%s", $1, $2 }' composer.versions)) >&2
        (cd "$release" && npm ci --no-audit --no-fund --silent && npm run --silent build && rm -rf node_modules) >&2
    fi
    find "$release/public/build" -type f \( -name '*.js' -o -name '*.css' \) -exec gzip -k9f {} +
    ln -s "$root/shared/.env" "$release/.env"
    ln -s "$root/shared/storage" "$release/storage"
    if [ "$(id -u)" -eq 0 ]; then
        chown -R "root:$user" "$release"
        chmod -R u=rwX,g=rX,o=rX "$release"
    fi
    printf '%s' "$release"
}

# cached RELEASE: settings, routes and views of a release, worked out once; they are its own.
cached() { artisan "$1" optimize >/dev/null; }

# switch_to RELEASE: at once, or not at all.
switch_to() {
    ln -sfn "$1" "$root/current.new"
    mv -T "$root/current.new" "$root/current"
}

# fill TEMPLATE TARGET: a file of deploy/ with the places of this installation.
fill() {
    sed -e "s#@ROOT@#$root#g; s#@SHARED@#$root/shared#g; s#@USER@#$user#g; s#@URL@#$url#g; s#@HOST@#$host#g; s#@LISTEN@#$listen#g; s#@PORT@#$port_of_url#g; s#@RUN@#$run#g; s#@LOGS@#$logs#g; s#@SECURE@#$secure#g; s#@FASTCGI_PARAMS@#$fastcgi_params#g; s#@AS_ROOT@#$as_root#g" "$source_tree/deploy/$1" >"$2"
}

make_shared() {
    mkdir -p "$root/releases" "$root/shared"/{database,pictures,backups,exports} "$root/shared/storage/app" "$root/shared/storage/logs" "$root/shared/storage/framework"/{views,sessions,cache/data}
    if [ ! -f "$root/shared/.env" ]; then
        fill env.production "$root/shared/.env"
    fi
    [ -f "$root/shared/database/biomegas.sqlite" ] || : >"$root/shared/database/biomegas.sqlite"
    chmod 700 "$root/shared"/{database,pictures,backups,exports}
    chmod 600 "$root/shared/database/biomegas.sqlite" "$root/shared/.env"
    if [ "$(id -u)" -eq 0 ]; then
        chown -R "$user:$user" "$root/shared"
        chmod 750 "$root/shared"
    fi
}
