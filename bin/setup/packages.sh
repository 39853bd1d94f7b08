# Debian packages and the Composer and npm packages: installs what is missing, leaves the rest alone.

RUN_PACKAGES="php8.2-cli php8.2-mbstring php8.2-xml php8.2-intl php8.2-bcmath php8.2-mysql php8.2-gd php8.2-zip php8.2-curl poppler-utils librsvg2-bin woff2 chromium mariadb-server mariadb-client composer unzip"
SERVE_PACKAGES="nginx php8.2-fpm php8.2-redis redis-server supervisor openssl curl"
TEST_PACKAGES="chromium-driver python3-shapely geos-bin assimp-testmodels"

is_installed() { dpkg-query -W -f='${Status}' "$1" 2>/dev/null | grep -q 'ok installed'; }

is_at_hand() {
    case "$1" in
        composer) command -v composer >/dev/null ;;
        *) is_installed "$1" ;;
    esac
}

install_debian_packages() {
    local missing="" package
    for package in "$@"; do is_at_hand "$package" || missing="$missing $package"; done
    command -v node >/dev/null || missing="$missing nodejs npm"
    [ -n "$missing" ] || return 0
    say "Installing Debian packages:$missing"
    local as_root=""
    [ "$(id -u)" = 0 ] || as_root="sudo"
    $as_root apt-get update -qq || fail "apt-get update did not work: is the package registry reachable?"
    # A database server that Debian's package would start must not run: Heurema starts its own.
    # shellcheck disable=SC2086
    RUNLEVEL=1 DEBIAN_FRONTEND=noninteractive $as_root apt-get install -y -qq --no-install-recommends $missing >/dev/null \
        || fail "apt-get install$missing did not work: run it by hand and look at what it says."
}

# Runs a command only when the files it depends on have changed since it last worked.
when_changed() {
    local stamp="$DATA/stamps/$1"; shift
    local files="$1"; shift
    local sum
    # shellcheck disable=SC2086
    sum=$(cat $files | sha256sum | cut -d' ' -f1)
    [ "$(cat "$stamp" 2>/dev/null)" = "$sum" ] && return 0
    "$@" && mkdir -p "$DATA/stamps" && echo "$sum" > "$stamp"
}

install_php_packages() {
    [ -f vendor/autoload.php ] || rm -f "$DATA/stamps/composer"
    when_changed composer "composer.json packages/versions/composer.json packages/versions-dev/composer.json packages/checksums" run_composer \
        || fail "composer could not install the PHP packages as packages/ has them: is the registry reachable?"
}

# The metapackages in packages/ name the exact version of every package.
run_composer() {
    say "Installing PHP packages"
    COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet --prefer-dist \
        && php bin/setup/pins.php --check && chmod -R a+rX vendor
}

install_front_end() {
    [ -d node_modules ] || rm -f "$DATA/stamps/npm"
    [ -f public/build/manifest.json ] || rm -f "$DATA/stamps/vite"
    when_changed npm "package.json package-lock.json" run_npm || fail "npm could not install the front-end packages: is the registry reachable?"
    [ -d storage/app/fonts ] || rm -f "$DATA/stamps/fonts"
    when_changed fonts "package-lock.json" unpack_fonts || fail "the fonts for plan sheets could not be unpacked: is the package woff2 installed?"
    when_changed vite "package-lock.json vite.config.js $(find resources/js resources/scss -type f | sort | tr '\n' ' ')" run_vite || fail "vite could not build the front end: run npm run build and look at what it says."
}

run_npm() { say "Installing front-end packages"; npm ci --no-fund --no-audit --silent; }
# Plan sheets are drawn with fonts as TrueType; the packages ship them for the web.
unpack_fonts() {
    say "Unpacking the fonts for plan sheets"
    mkdir -p storage/app/fonts
    local weight font
    for weight in 400 500 600; do
        font="ibm-plex-sans-latin-$weight-normal"
        cp "node_modules/@fontsource/ibm-plex-sans/files/$font.woff2" storage/app/fonts/ && woff2_decompress "storage/app/fonts/$font.woff2" >/dev/null && rm "storage/app/fonts/$font.woff2" || return 1
    done
}

run_vite() { say "Building the front end"; npm run --silent build -- --logLevel error; }
