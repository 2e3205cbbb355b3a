#!/usr/bin/env bash
# Serves the application for the browser tests.
#   serve.sh PORT DATABASE
set -euo pipefail
cd "$(dirname "$0")/../.."
source tests/Browser/environment.sh "$2"
# As it is installed: settings and routes are worked out once.
for part in CONFIG ROUTES EVENTS; do
    export "APP_${part}_CACHE=$PWD/.state/browser-$1-${part,,}.php"
done
php artisan optimize -q --except=views
exec php -d opcache.validate_timestamps=0 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing -d upload_max_filesize=21M -d post_max_size=24M -S "127.0.0.1:$1" -t public server.php >".state/browser-$1.log" 2>&1
