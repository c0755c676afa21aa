# Shared by bin/demo, bin/test and bin/bench: brings a Debian 12 machine to where Ephemeron runs.
# Every step looks first and does nothing when there is nothing to do.

set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../.."
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

# Function by function, nothing kept in registers: docs/decisions/compiled-by-function.md
compiled=(php -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=1105 -d opcache.jit_buffer_size=64M)

say() { printf '\033[1m%s\033[0m\n' "$*"; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# install_packages NAME… : those of Debian's packages that are not there yet
install_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    say "Installing ${missing[*]}"
    as_root apt-get update -qq
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
}

setup_system() {
    local packages=(git unzip curl procps)
    local extension
    # What PHP can do already needs no package, wherever that PHP came from.
    command -v php >/dev/null || packages+=(php8.2-cli php8.2-opcache)
    for extension in bcmath curl exif gd igbinary intl mbstring sqlite3 xml zip; do
        php -r "exit(extension_loaded('$extension') ? 0 : 1);" 2>/dev/null || packages+=("php8.2-$([ "$extension" = exif ] && echo common || echo "$extension")")
    done
    # Pictures of papers may be SVG; this turns them into pixels.
    command -v rsvg-convert >/dev/null || packages+=(librsvg2-bin)
    command -v composer >/dev/null || packages+=(composer)
    command -v node >/dev/null || packages+=(nodejs)
    command -v npm >/dev/null || packages+=(npm)
    install_packages "${packages[@]}"
}

# newer FILE STAMP : whether FILE has changed since STAMP was written
newer() { [ ! -e "$2" ] || [ "$1" -nt "$2" ]; }

setup_php() {
    if newer composer.json vendor/.installed; then
        say 'Installing PHP packages'
        composer install --no-progress --no-scripts --quiet
        mkdir -p bootstrap/cache
        php artisan package:discover --ansi --quiet
        touch vendor/.installed
    fi
}

setup_assets() {
    if newer package-lock.json node_modules/.installed; then
        say 'Installing npm packages'
        # Not "npm ci": it refuses a lock that leaves out binaries for other platforms, and some mirrors do not carry them.
        npm install --no-save --no-audit --no-fund --loglevel=error
        touch node_modules/.installed
    fi
    if [ ! -e public/build/manifest.json ] || [ -n "$(find resources vite.config.js package-lock.json -newer public/build/manifest.json -type f -print -quit)" ]; then
        say 'Building styles and scripts'
        npm run build --silent >/dev/null
    fi
}

setup_app() {
    if [ ! -e .env ]; then
        cp .env.example .env
        php artisan key:generate --quiet --force
    fi
    php artisan ephemeron:edition --quiet
    # Pages are there even when there is no room to write them down.
    php artisan view:cache --quiet
}

# remember_settings NAME : settings and routes are read once, for whatever this shell starts and for nothing else: tests have settings of their own
remember_settings() {
    export APP_CONFIG_CACHE="bootstrap/cache/$1-config.php" APP_ROUTES_CACHE="bootstrap/cache/$1-routes.php" APP_EVENTS_CACHE="bootstrap/cache/$1-events.php"
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
    php artisan config:cache --quiet
    php artisan route:cache --quiet
    php artisan event:cache --quiet
}
