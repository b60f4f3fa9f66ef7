# Shared by the commands in bin/: installs what is missing, without questions, and can be run twice.
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
cd "$ROOT"
# What is installed here is for whoever starts it; what is stored is closed by the application itself.
umask 022
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1
LOGS="$ROOT/storage/logs"

stop() {
    printf '%s\n' "$1" >&2
    exit 1
}

enough_room() {
    local free
    free=$(df -Pm "$ROOT" | awk 'NR==2 {print $4}')
    if [ "${free:-0}" -lt "$1" ]; then stop "The disk is nearly full: $free MB are free and $1 MB are needed. Please make room and run this again."; fi
}

# Something has to be installed: it needs a place to say how that went.
begin_installing() {
    mkdir -p "$LOGS" 2>/dev/null || true
    [ -w "$LOGS" ] || stop "The folder $ROOT/storage cannot be written to. Please give yourself the right to write there."
    enough_room "$1"
}

# system_packages PROBE PACKAGE...: installs the packages with apt when the probe, a function, fails.
system_packages() {
    local probe=$1
    shift
    if "$probe"; then return; fi
    if [ "$(id -u)" -ne 0 ] || ! command -v apt-get >/dev/null; then
        stop "Some system packages are missing, and only an administrator can install them. Please ask for: $*"
    fi
    begin_installing 900
    echo "Installing $* ..."
    if [ -z "${APT_UPDATED:-}" ]; then
        apt-get update -qq >/dev/null || stop "The package lists could not be fetched. Is there a network connection?"
        APT_UPDATED=1
    fi
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$@" >"$LOGS/apt.log" 2>&1 \
        || stop "Installing $* did not work; storage/logs/apt.log says why."
    "$probe" || stop "Installed $*, yet something is still missing: ${probe//_/ }."
}

# PHP is asked itself: a list piped to a search breaks at random when the search leaves early.
has_php() { command -v php >/dev/null && php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);'; }
has_php_extensions() {
    php -r 'foreach (["pdo_sqlite", "curl", "zip", "dom", "mbstring", "sodium", "openssl"] as $name) { if (!extension_loaded($name)) { exit(1); } }'
}
has_composer() { command -v composer >/dev/null; }
has_node() { command -v node >/dev/null && command -v npm >/dev/null; }
has_chromium() { command -v chromium >/dev/null && command -v chromedriver >/dev/null; }

newer() { # newer STAMP PATH...: true when a file has changed since the stamp was written
    local stamp=$1
    shift
    [ ! -e "$stamp" ] || [ -n "$(find "$@" -type f -newer "$stamp" -print -quit 2>/dev/null)" ]
}

install_everything() {
    system_packages has_php php8.2-cli php8.2-xml php8.2-mbstring
    system_packages has_php_extensions php8.2-sqlite3 php8.2-curl php8.2-zip php8.2-xml php8.2-mbstring
    if newer vendor/.installed composer.json; then
        system_packages has_composer composer
        begin_installing 600
        echo "Installing the PHP libraries ..."
        composer install --quiet --no-progress >"$LOGS/composer.log" 2>&1 || stop "The PHP libraries could not be installed; storage/logs/composer.log says why."
        # Some packages arrive closed to everybody but who installs them; who starts may be somebody else.
        chmod -R go+rX vendor bootstrap/cache
        touch vendor/.installed
    fi
    if newer node_modules/.installed package-lock.json; then
        use_node
        begin_installing 600
        echo "Installing the interface libraries ..."
        npm ci --no-fund --no-audit --loglevel=error >"$LOGS/npm.log" 2>&1 || stop "The interface libraries could not be installed; storage/logs/npm.log says why."
        touch node_modules/.installed
    fi
    if newer public/build/manifest.json resources schema vite.config.ts package-lock.json; then
        use_node
        begin_installing 200
        echo "Building the interface ..."
        npm run --silent build >"$LOGS/build.log" 2>&1 || stop "The interface could not be built; storage/logs/build.log says why."
        touch public/build/manifest.json
    fi
    if [ -O .env ]; then chmod 600 .env; fi
}

use_node() {
    system_packages has_node nodejs npm
    node -e 'const [a, b] = process.versions.node.split("."); process.exit(a > 20 || (a == 20 && b >= 19) ? 0 : 1)' \
        || stop "Node.js 20.19 or newer is needed; this is $(node --version). Please install a newer one."
}

# use_data NAME: the data folder of this name, made when it is missing; KIND_CHAIR_DATA in the environment goes before it.
use_data() {
    export KIND_CHAIR_DATA="${KIND_CHAIR_DATA:-$ROOT/data/$1}"
    (umask 077 && mkdir -p "$KIND_CHAIR_DATA/logs") 2>/dev/null \
        || stop "The folder $KIND_CHAIR_DATA cannot be made. Please check that you may write there and that the disk is not full."
    [ -w "$KIND_CHAIR_DATA" ] || stop "The folder $KIND_CHAIR_DATA cannot be written to. Please give yourself the right to write there."
}

# An earlier version kept the database in database/ and its key in .env: both move into the data folder, once.
move_from_old_places() {
    local old="$ROOT/database/kind-chair.sqlite" key
    if [ ! -f "$old" ] || [ -e "$KIND_CHAIR_DATA/kind-chair.sqlite" ]; then return; fi
    echo "Moving your data to $KIND_CHAIR_DATA ..."
    key=$(sed -n 's/^APP_KEY=//p' .env 2>/dev/null | tr -d '"' | tail -n 1)
    if [ -n "$key" ] && [ ! -e "$KIND_CHAIR_DATA/kind-chair.key" ]; then
        (umask 077 && printf '%s\n' "$key" >"$KIND_CHAIR_DATA/kind-chair.key")
    fi
    for part in "" -wal -shm; do
        if [ -e "$old$part" ]; then mv "$old$part" "$KIND_CHAIR_DATA/kind-chair.sqlite$part"; fi
    done
    if [ -n "$key" ]; then sed -i '/^APP_KEY=/d; /^APP_ENV=/d; /^LOG_CHANNEL=/d; /^SESSION_SECURE_COOKIE=/d' .env; fi
}

prepare_data() {
    php artisan data:prepare || exit 1
}

# For as long as this server runs, its settings and the addresses that it knows are worked out once, now, and not with every
# request. They lie in the data folder, which is closed: the key is among them.
remember_setup() {
    export APP_ROUTES_CACHE="$KIND_CHAIR_DATA/framework/routes.php" APP_CONFIG_CACHE="$KIND_CHAIR_DATA/framework/config.php"
    rm -f "$APP_ROUTES_CACHE" "$APP_CONFIG_CACHE"
    php artisan config:cache --quiet || rm -f "$APP_CONFIG_CACHE"
    php artisan route:cache --quiet || rm -f "$APP_ROUTES_CACHE"
}

# serve PORT: prints the address and serves until stopped.
serve() {
    if php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $n, $t, 1) ? 0 : 1);' "$1"; then
        stop "Port $1 is taken by another program. Choose another one: $(basename "$0") --port=$(($1 + 1))"
    fi
    export PHP_CLI_SERVER_WORKERS=4 APP_URL="http://127.0.0.1:$1"
    remember_setup
    echo
    echo "  Kind Chair is ready:  http://127.0.0.1:$1"
    echo "  Stop it with Ctrl+C."
    echo
    cd public
    # The program's files are looked at again every ten seconds; whoever changes its addresses or settings starts it again.
    # The server's own list of requests is kept nowhere: addresses tell what somebody looked at. Errors go to the log.
    exec php -d opcache.enable_cli=1 -d opcache.revalidate_freq=10 -d expose_php=0 -d log_errors=1 -d "error_log=$KIND_CHAIR_DATA/logs/php.log" \
        -S "127.0.0.1:$1" -t . ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php >/dev/null 2>&1
}

read_options() {
    PORT=8000
    FRESH=
    LAN=
    PLAIN=
    for option in "$@"; do
        case $option in
            --port=[0-9]*) PORT=${option#--port=} ;;
            --fresh) FRESH=1 ;;
            --lan) LAN=1 ;;
            --plain) PLAIN=1 ;;
            *) stop "$(basename "$0") does not know $option. It knows: --port=NUMBER${OPTIONS_ALSO:-}" ;;
        esac
    done
}
