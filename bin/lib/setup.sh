# Shared by the commands in bin/: installs what is missing, without questions, and can be run twice.
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
cd "$ROOT"
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

stop() {
    printf '%s\n' "$1" >&2
    exit 1
}

enough_room() {
    local free
    free=$(df -Pm "$ROOT" | awk 'NR==2 {print $4}')
    if [ "${free:-0}" -lt "$1" ]; then stop "The disk is nearly full: $free MB are free and $1 MB are needed. Please make room and run this again."; fi
}

# system_packages PROBE PACKAGE...: installs the packages with apt when the probe command fails.
system_packages() {
    local probe=$1
    shift
    if eval "$probe" >/dev/null 2>&1; then return; fi
    if [ "$(id -u)" -ne 0 ] || ! command -v apt-get >/dev/null; then
        stop "Some system packages are missing, and only an administrator can install them. Please ask for: $*"
    fi
    enough_room 900
    echo "Installing $* ..."
    if [ -z "${APT_UPDATED:-}" ]; then
        apt-get update -qq >/dev/null || stop "The package lists could not be fetched. Is there a network connection?"
        APT_UPDATED=1
    fi
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$@" >storage/logs/apt.log 2>&1 \
        || stop "Installing $* did not work; storage/logs/apt.log says why."
    eval "$probe" >/dev/null 2>&1 || stop "Installed $*, yet something is still missing: $probe"
}

newer() { # newer STAMP PATH...: true when a path has changed since the stamp was written
    local stamp=$1
    shift
    [ ! -e "$stamp" ] || [ -n "$(find "$@" -newer "$stamp" -print -quit 2>/dev/null)" ]
}

install_everything() {
    mkdir -p storage/logs
    [ -w storage/logs ] || stop "The folder $ROOT/storage cannot be written to. Please give yourself the right to write there."
    system_packages 'php -r "exit(PHP_VERSION_ID >= 80200 ? 0 : 1);"' php8.2-cli php8.2-xml php8.2-mbstring
    system_packages 'php -m | grep -qix pdo_sqlite && php -m | grep -qix curl && php -m | grep -qix zip && php -m | grep -qix dom && php -m | grep -qix mbstring' \
        php8.2-sqlite3 php8.2-curl php8.2-zip php8.2-xml php8.2-mbstring
    system_packages 'command -v composer' composer
    system_packages 'command -v node && command -v npm' nodejs npm
    node -e 'const [a, b] = process.versions.node.split("."); process.exit(a > 20 || (a == 20 && b >= 19) ? 0 : 1)' \
        || stop "Node.js 20.19 or newer is needed; this is $(node --version). Please install a newer one."

    if newer vendor/.installed composer.json; then
        enough_room 600
        echo "Installing the PHP libraries ..."
        composer install --quiet --no-progress >storage/logs/composer.log 2>&1 || stop "The PHP libraries could not be installed; storage/logs/composer.log says why."
        touch vendor/.installed
    fi
    if newer node_modules/.installed package-lock.json; then
        enough_room 600
        echo "Installing the interface libraries ..."
        # Not 'npm ci': it refuses a lock file that leaves out other systems' builds of a package.
        npm install --no-fund --no-audit --loglevel=error >storage/logs/npm.log 2>&1 || stop "The interface libraries could not be installed; storage/logs/npm.log says why."
        touch node_modules/.installed
    fi
    if newer public/build/manifest.json resources schema vite.config.ts package-lock.json; then
        echo "Building the interface ..."
        npm run --silent build >storage/logs/build.log 2>&1 || stop "The interface could not be built; storage/logs/build.log says why."
        touch public/build/manifest.json
    fi
    if [ ! -f .env ]; then
        cp .env.example .env
        php artisan key:generate --quiet
    fi
}

migrate() {
    mkdir -p "$(dirname "$DB_DATABASE")"
    [ -f "$DB_DATABASE" ] || touch "$DB_DATABASE" 2>/dev/null || stop "The database $DB_DATABASE cannot be made. Please check that you may write there and that the disk is not full."
    php artisan migrate --force --quiet || stop "The database could not be brought up to date; storage/logs says why."
}

# serve PORT: prints the address and serves until stopped.
serve() {
    if php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $n, $t, 1) ? 0 : 1);' "$1"; then
        stop "Port $1 is taken by another program. Choose another one: $(basename "$0") --port=$(($1 + 1))"
    fi
    echo
    echo "  Kind Chair is ready:  http://127.0.0.1:$1"
    echo "  Stop it with Ctrl+C."
    echo
    export PHP_CLI_SERVER_WORKERS=4 APP_URL="http://127.0.0.1:$1"
    cd public
    exec php -d opcache.enable_cli=1 -S "127.0.0.1:$1" -t . ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php >>"$ROOT/storage/logs/server.log" 2>&1
}

read_options() {
    PORT=8000
    FRESH=
    for option in "$@"; do
        case $option in
            --port=[0-9]*) PORT=${option#--port=} ;;
            --fresh) FRESH=1 ;;
            *) stop "$(basename "$0") does not know $option. It knows: --port=NUMBER${OPTIONS_ALSO:-}" ;;
        esac
    done
}
