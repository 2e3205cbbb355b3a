#!/usr/bin/env bash
# Serves the application for the browser tests with a database of its own.
#   serve.sh PORT demo    with the demo data
#   serve.sh PORT empty   as on the first run
set -euo pipefail
cd "$(dirname "$0")/../.."
export DB_DATABASE="$PWD/.state/browser-$2.sqlite"
export APP_CONFIG_CACHE="$PWD/.state/browser-config.php" APP_ROUTES_CACHE="$PWD/.state/browser-routes.php" APP_EVENTS_CACHE="$PWD/.state/browser-events.php"
rm -f "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm"
: >"$DB_DATABASE"
php artisan migrate --force -q
if [ "$2" = demo ]; then
    php artisan db:seed --class=HeronLockSeeder --force -q
fi
exec php -d opcache.jit_buffer_size=64M -d opcache.jit=tracing -S "127.0.0.1:$1" -t public server.php >".state/browser-$2.log" 2>&1
