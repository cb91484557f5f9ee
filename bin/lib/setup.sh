# What has to be on the machine and in the checkout; each step is done only when it is needed.

PACKAGES_RUN="php8.2-cli php8.2-fpm php8.2-mysql php8.2-intl php8.2-mbstring php8.2-xml php8.2-gd php8.2-zip php8.2-curl php8.2-opcache nginx-light mariadb-server supervisor qrencode poppler-utils woff2 unzip procps curl"

# packages NAME…: installs what Debian lacks; without the right to, names it.
packages() {
    local missing=() name as=()
    for name in "$@"; do
        dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'ok installed' || missing+=("$name")
    done
    if ! command -v composer >/dev/null; then missing+=(composer); fi
    if ! command -v npm >/dev/null; then missing+=(nodejs npm); fi
    [ ${#missing[@]} -eq 0 ] && return 0
    say "· installing ${missing[*]} (once; a few minutes)"
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null \
            || die "these packages are missing and only root can install them: ${missing[*]}"
        as=(sudo -n)
    fi
    mkdir -p "$ROOT/var/log"
    "${as[@]}" apt-get update -qq >"$ROOT/var/log/apt.log" 2>&1 || die "the package lists could not be fetched; see var/log/apt.log"
    "${as[@]}" apt-get install -y -qq "${missing[@]}" >>"$ROOT/var/log/apt.log" 2>&1 \
        || die "these packages could not be installed: ${missing[*]}; see var/log/apt.log"
}

# when_changed STAMP FILE… -- COMMAND…: runs the command if the files are not what they were the last time.
when_changed() {
    local stamp="$ROOT/var/stamps/$1" files=() sum
    shift
    while [ "$1" != "--" ]; do
        files+=("$1")
        shift
    done
    shift
    sum=$(sum_of "${files[@]}")
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return 0
    "$@"
    mkdir -p "$ROOT/var/stamps"
    printf '%s' "$sum" >"$stamp"
}

# sum_of FILE…: one word that changes when any of the files or folders does.
sum_of() { (cd "$ROOT" && find "$@" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum); }

php_libraries() {
    say "· fetching the PHP libraries"
    (cd "$ROOT" && composer update --no-interaction --no-progress --quiet $(sed 's/^/--with /' composer.versions)) >"$ROOT/var/log/composer.log" 2>&1 \
        || die "the PHP libraries could not be fetched; see var/log/composer.log"
}

js_libraries() {
    say "· fetching the JavaScript libraries"
    (cd "$ROOT/frontend" && npm ci --no-audit --no-fund) >"$ROOT/var/log/npm.log" 2>&1 \
        || die "the JavaScript libraries could not be fetched; see var/log/npm.log"
}

client_types() {
    (cd "$ROOT/frontend" && npm run --silent types) >"$ROOT/var/log/types.log" 2>&1 \
        || die "the client's types could not be made; see var/log/types.log"
}

client_build() {
    say "· building the screens"
    (cd "$ROOT/frontend" && npm run --silent build) >"$ROOT/var/log/build.log" 2>&1 \
        || die "the screens could not be built; see var/log/build.log"
}

# made beside its place, since a shop may be printing
print_fonts() {
    local weight new="$ROOT/var/fonts.new" from="$ROOT/frontend/node_modules/@fontsource/atkinson-hyperlegible-next/files"
    rm -rf "$new"
    mkdir -p "$new"
    for weight in 400 700; do
        cp "$from/atkinson-hyperlegible-next-latin-$weight-normal.woff2" "$new/hyperlegible-$weight.woff2"
        woff2_decompress "$new/hyperlegible-$weight.woff2" >/dev/null 2>&1 || die "the print font could not be unpacked"
    done
    php "$ROOT/bin/lib/fonts.php" "$new" >"$ROOT/var/log/fonts.log" 2>&1 || die "the print font could not be measured; see var/log/fonts.log"
    rm -rf "$ROOT/var/fonts"
    mv "$new" "$ROOT/var/fonts"
}

libraries() {
    mkdir -p "$ROOT/var/log" "$ROOT/var/stamps"
    [ -d "$ROOT/vendor" ] || rm -f "$ROOT/var/stamps/composer"
    [ -d "$ROOT/frontend/node_modules" ] || rm -f "$ROOT/var/stamps/npm"
    [ -f "$ROOT/frontend/src/shared/api/schema.d.ts" ] && [ -f "$ROOT/frontend/src/shared/api/widths.ts" ] || rm -f "$ROOT/var/stamps/types"
    [ -f "$ROOT/public/build/index.html" ] || rm -f "$ROOT/var/stamps/build"
    [ -f "$ROOT/var/fonts/installed-fonts.json" ] || rm -f "$ROOT/var/stamps/fonts"
    when_changed composer composer.json composer.versions -- php_libraries
    when_changed npm frontend/package.json frontend/package-lock.json -- js_libraries
    when_changed fonts frontend/package-lock.json composer.versions bin/lib/fonts.php -- print_fonts
    when_changed types docs/api docs/formats frontend/package.json frontend/package-lock.json frontend/widths.mjs -- client_types
    when_changed build frontend/src frontend/public frontend/index.html frontend/vite.config.ts frontend/package-lock.json docs/api docs/formats -- client_build
}

# set_up [PACKAGE…]: all of the above; two commands in one checkout wait for each other.
set_up() {
    mkdir -p "$ROOT/var"
    (
        only_one "$ROOT/var/setup.lock"
        packages $PACKAGES_RUN "$@"
        libraries
    )
}
