#!/usr/bin/env bash
# Makes a database for the browser tests to start with.
#   template.sh DATABASE demo    with the demo data
#   template.sh DATABASE empty   as on the first run
set -euo pipefail
cd "$(dirname "$0")/../.."
source tests/Browser/environment.sh "$1"
rm -f "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm"
: >"$DB_DATABASE"
php artisan migrate --force -q
if [ "$2" = demo ]; then
    php artisan db:seed --class=HeronLockSeeder --force -q
fi
# All of it in one file, to be copied.
php -r '(new PDO("sqlite:".$argv[1]))->exec("pragma wal_checkpoint(truncate)");' "$DB_DATABASE"
