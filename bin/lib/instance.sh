# One running copy of Wheatear: its folders, ports and names. Sourced by the commands in bin/.
# Everything can be set from outside, so that copies run side by side.

umask 022
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
INSTANCE="${WHEATEAR_INSTANCE:-demo}"
STATE="${WHEATEAR_STATE:-$ROOT/var/$INSTANCE}"
WEB_PORT="${WHEATEAR_PORT:-8124}"
DB_PORT="${WHEATEAR_DB_PORT:-$((WEB_PORT + 25000))}"
FPM_PORT="${WHEATEAR_FPM_PORT:-$((WEB_PORT + 1000))}"
DB_NAME="${WHEATEAR_DB_NAME:-wheatear_$INSTANCE}"
# socket paths over 107 bytes fail silently: keep them short
RUN="${WHEATEAR_RUN:-/run/wheatear-$WEB_PORT}"

# what is to stay set, for this instance: lines such as WHEATEAR_PUBLIC_URL=https://dogs.example
[ -r "$STATE/settings" ] && { set -a; . "$STATE/settings"; set +a; }

say() { printf '%s\n' "$*" >&2; }
die() { say "wheatear: $*"; exit 1; }

# The environment every PHP process of this instance gets. One set of caches per instance: with a shared one, a cached
# configuration would send the tests to the demo's database.
export_environment() {
    export APP_ENV="${APP_ENV:-production}" APP_URL="${WHEATEAR_PUBLIC_URL:-http://127.0.0.1:$WEB_PORT}"
    # behind a proxy with a public address, that proxy says how a request came
    [ -z "${WHEATEAR_PUBLIC_URL:-}" ] || export WHEATEAR_PUBLIC_URL WHEATEAR_PROXIES="${WHEATEAR_PROXIES:-127.0.0.1}"
    export APP_KEY; APP_KEY="$(cat "$STATE/app.key")"
    export DB_HOST=127.0.0.1 DB_PORT="$DB_PORT" DB_DATABASE="$DB_NAME" DB_USERNAME=wheatear
    export DB_PASSWORD; DB_PASSWORD="$(cat "$STATE/db.password")"
    [ -z "${WHEATEAR_USER:-}" ] || export DB_SOCKET="$RUN/db/mysqld.sock" DB_USERNAME="$WHEATEAR_USER" DB_PASSWORD=
    export SESSION_COOKIE="${WHEATEAR_COOKIE:-wheatear_$WEB_PORT}"
    # several web servers that share the work: sign-ins are in their database
    [ -z "${WHEATEAR_SHARED:-}" ] || export SESSION_DRIVER=database
    [ -z "${WHEATEAR_CLUSTER:-}" ] || export DB_IS_CLUSTER=true
    export LARAVEL_STORAGE_PATH="$STATE/storage"
    export APP_CONFIG_CACHE="$STATE/cache/config.php" APP_ROUTES_CACHE="$STATE/cache/routes.php" APP_EVENTS_CACHE="$STATE/cache/events.php"
    export APP_SERVICES_CACHE="$STATE/cache/services.php" APP_PACKAGES_CACHE="$STATE/cache/packages.php" \
        VIEW_COMPILED_PATH="$STATE/storage/framework/views"
}

# The account of the service, where there is one; else www-data where it can read the tree; root (on loopback only) where the tree lies
# in a folder that only root may enter.
pool_user() {
    if [ -n "${WHEATEAR_USER:-}" ]; then echo "$WHEATEAR_USER"
    elif runuser -u www-data -- test -r "$ROOT/public/index.php" 2>/dev/null && runuser -u www-data -- test -x "$STATE" 2>/dev/null; \
        then echo www-data; else echo root; fi
}

# what it writes (the cached configuration holds the key and the password) is for nobody else's eyes
artisan() { as_pool php "$ROOT/artisan" "$@"; }
# what computes for a minute is worth compiling
artisan_long() {
    as_pool php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M "$ROOT/artisan" "$@"
}
as_pool() { (umask 077; runuser -u "$(pool_user)" --preserve-environment -- "$@"); }
