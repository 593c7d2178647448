# Installs what is missing. Each step is skipped when its result is already there.

need_root() { [ "$(id -u)" = 0 ] || die "run this as root: it installs Debian packages and starts private servers."; }

need_tools() {
    local tool
    for tool in php composer node npm; do
        command -v "$tool" >/dev/null || die "\"$tool\" is missing. Wheatear needs Debian 12 with PHP 8.2, Composer, Node.js 20 and npm."
    done
    php -r 'exit(version_compare(PHP_VERSION, "8.2.0", ">=") ? 0 : 1);' \
        || die "PHP 8.2 or newer is needed; this is $(php -r 'echo PHP_VERSION;')."
    node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' \
        || die "Node.js 20 or newer is needed; this is $(node --version)."
}

PACKAGES=(curl mariadb-server nginx-light php8.2-cli php8.2-fpm php8.2-xml php8.2-intl php8.2-mbstring php8.2-mysql php8.2-curl php8.2-zip \
    php8.2-gd php8.2-bcmath php8.2-apcu)

install_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -gt 0 ] || return 0
    say "Installing Debian packages: ${missing[*]}"
    # the packages' own services must not start on ports 80 and 3306
    local policy=/usr/sbin/policy-rc.d made=
    if [ ! -e "$policy" ]; then printf '#!/bin/sh\nexit 101\n' > "$policy"; chmod +x "$policy"; made=1; fi
    apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq \
        --no-install-recommends "${missing[@]}" >"$STATE/apt.log" 2>&1
    local status=$?
    [ -z "$made" ] || rm -f "$policy"
    [ $status = 0 ] || die "the packages could not be installed; see $STATE/apt.log"
}

# What is said while it is done.
declare -A WORK=([composer]="Fetching the libraries of the server" [classmap]="Noting where each class is"
    [npm]="Fetching the libraries of the pages" [sounds]="Making the sounds" [assets]="Building pages, styles and letters")

# Runs a command when any of the files it reads changed since it last succeeded: fresh NAME FILES… -- COMMAND…
fresh() {
    local name="$1" stamp="$ROOT/var/stamps/$1" files=(); shift
    while [ "$1" != -- ]; do files+=("$1"); shift; done; shift
    local sum; sum="$(cd "$ROOT" && find "${files[@]}" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)"
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return 0
    say "${WORK[${name%%--*}]:-Setting up: $name}"
    mkdir -p "$(dirname "$stamp")"
    (cd "$ROOT" && "$@") >"$stamp.log" 2>&1 || { tail -n 30 "$stamp.log" >&2; die "\"$*\" failed; see $stamp.log"; }
    printf '%s' "$sum" > "$stamp"
}

# The registry allows no lock file: what was installed when the tests last passed is recorded beside composer.json.
tell_other_packages() {
    local other
    other="$(cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer show --format=json 2>/dev/null \
        | php bin/lib/other-packages.php composer.tree)"
    [ -z "$other" ] || say "Other than recorded in composer.tree: $other"
}

install_libraries() {
    [ -d "$ROOT/vendor" ] || rm -f "$ROOT"/var/stamps/composer* "$ROOT"/var/stamps/classmap*
    [ -d "$ROOT/node_modules" ] || rm -f "$ROOT/var/stamps/npm"
    [ -d "$ROOT/public/build" ] || rm -f "$ROOT/var/stamps/assets"
    # a real install has none of the tools of the tests; where they are already, they stay
    local tools=--no-dev
    if [ "${WITH_TOOLS:-no}" = yes ] || [ -x "$ROOT/vendor/bin/phpunit" ]; then tools=; fi
    # one of them waits for the network while the other unpacks
    fetch_scripts & local scripts=$!
    # some archives hold files only root may read
    COMPOSER_ALLOW_SUPERUSER=1 fresh "composer$tools" composer.json \
        -- bash -c "composer update $tools --no-interaction --no-progress && chmod -R a+rX vendor"
    wait "$scripts" || exit 1
    tell_other_packages
    # classes of this tree are found through a class map: write it again when a file comes or goes
    COMPOSER_ALLOW_SUPERUSER=1 fresh "classmap$tools" composer.json app words cli/src cli/tests core/src core/tests database tests \
        -- composer dump-autoload $tools --optimize --no-interaction
}

fetch_scripts() { PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 fresh npm package.json package-lock.json -- npm ci --no-audit --no-fund; }

# What the pages are made of, from what is in the tree.
make_assets() {
    [ -d "$ROOT/public/sounds" ] || rm -f "$ROOT/var/stamps/sounds"
    fresh sounds bin/sounds core/src/Sound core/src/Simulation/Chance.php -- php bin/sounds
    fresh assets package-lock.json vite.config.js resources/js resources/css resources/fonts resources/views app/View -- npm run build
}

# All of the above, in order: set_up [FURTHER PACKAGES…]
set_up() {
    set_up_server "$@"
    make_assets
}

# The same without what pages are made of: a database can be filled meanwhile.
set_up_server() {
    need_root
    mkdir -p "$STATE"
    install_packages "${PACKAGES[@]}" "$@"
    need_tools
    install_libraries
    prepare_state
}

prepare_state() {
    mkdir -p "$STATE"/{cache,log,tmp,storage/{logs,app,framework/{cache/data,sessions,views}}} "$RUN"
    [ -s "$STATE/app.key" ] || php -r 'echo "base64:".base64_encode(random_bytes(32));' > "$STATE/app.key"
    [ -s "$STATE/db.password" ] || php -r 'echo bin2hex(random_bytes(16));' > "$STATE/db.password"
    chmod 600 "$STATE/app.key" "$STATE/db.password"
    chmod 711 "$STATE"
    chown -R "$(pool_user)" "$STATE/cache" "$STATE/storage"
    chown "$(pool_user)" "$STATE/log" "$STATE/tmp"
    # configuration, sign-ins and logs: other accounts of the machine have no business there
    chmod 700 "$STATE"/{cache,log,tmp,storage}
}
