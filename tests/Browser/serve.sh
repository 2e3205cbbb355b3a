#!/usr/bin/env bash
# Serves the application with demo data of its own for the browser tests.
set -euo pipefail
cd "$(dirname "$0")/../.."
export DB_DATABASE="$PWD/.state/browser.sqlite"
export APP_CONFIG_CACHE="$PWD/.state/browser-config.php" APP_ROUTES_CACHE="$PWD/.state/browser-routes.php" APP_EVENTS_CACHE="$PWD/.state/browser-events.php"
rm -f "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm"
: >"$DB_DATABASE"
if [ "${2:-}" != empty ]; then
    php artisan migrate --force -q
    php artisan db:seed --class=HeronLockSeeder --force -q
fi
exec php -S "127.0.0.1:$1" -t public server.php
