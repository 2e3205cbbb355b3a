# Of the servers under test: nothing that bin/demo has cached reaches them.
#   source environment.sh DATABASE
export DB_DATABASE="$PWD/$1" QUEUE_CONNECTION=sync PLAN_SECONDS=3 BCRYPT_ROUNDS=4 PICTURES_FOLDER="$PWD/.state/pictures-$(basename "$1" .sqlite)"
export BACKUP_FOLDER="$PWD/.state/backups-$(basename "$1" .sqlite)" EXPORT_FOLDER="$PWD/.state/exports-$(basename "$1" .sqlite)"
export APP_CONFIG_CACHE="$PWD/.state/browser-config.php" APP_ROUTES_CACHE="$PWD/.state/browser-routes.php" APP_EVENTS_CACHE="$PWD/.state/browser-events.php"
