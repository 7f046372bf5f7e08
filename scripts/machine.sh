# shellcheck shell=bash
# What the machine must have: Debian packages, an account that is not root, packages of PHP and JavaScript, secrets.

need_packages() { # "binary, ext:extension or file:path=package ..." ; prints the packages that are missing
    local pair probe package modules missing=()
    # Listed once: a list that is still being written when it has been found is cut off, which counts as a failure.
    modules=$(php -m 2>/dev/null || true)
    for pair in "$@"; do
        probe=${pair%%=*} package=${pair#*=}
        case $probe in
            ext:*) grep -qix "${probe#ext:}" <<<"$modules" || missing+=("$package") ;;
            file:*) [ -e "${probe#file:}" ] || missing+=("$package") ;;
            *) command -v "$probe" >/dev/null 2>&1 || [ -x "/usr/sbin/$probe" ] || missing+=("$package") ;;
        esac
    done
    printf '%s\n' "${missing[@]:-}" | sort -u | tr '\n' ' ' | sed 's/^ *//; s/ *$//'
}

install_packages() {
    local missing; missing=$(need_packages "$@")
    [ -n "$missing" ] || return 0
    step "Installing $(wc -w <<<"$missing") Debian packages"
    local sudo=()
    if ! is_root; then
        sudo -n true 2>/dev/null \
            || die "these Debian packages are missing and there is no right to install them: $missing" \
                "ask an administrator for: apt-get install $missing"
        sudo=(sudo -n)
    fi
    command -v apt-get >/dev/null \
        || die "these packages are missing and this is not a Debian machine: $missing" "install them and run again"
    local policy=/usr/sbin/policy-rc.d guarded='' log=$VAR/log/apt.log ok=0
    # Debian starts a freshly installed server at once; Pasada runs its own and must not touch system services.
    if [ ! -e $policy ]; then
        printf '#!/bin/sh\nexit 101\n' | "${sudo[@]}" tee $policy >/dev/null
        "${sudo[@]}" chmod +x $policy; guarded=1
    fi
    # shellcheck disable=SC2086 # a list of packages, one word each
    { "${sudo[@]}" apt-get update \
        && "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends $missing
    } >"$log" 2>&1 || ok=$?
    [ -n "$guarded" ] && "${sudo[@]}" rm -f $policy
    [ $ok -eq 0 ] \
        || die "apt-get could not install: $missing (its words are in var/log/apt.log)" \
            "mend what it names, then run again"
    done_
}

RUN_PACKAGES=(setpriv=util-linux php=php8.2-cli mariadbd=mariadb-server-core
    mariadb-install-db=mariadb-server-core mariadb=mariadb-client-core mariadb-dump=mariadb-client
    mariadb-binlog=mariadb-client openssl=openssl
    nginx=nginx php-fpm8.2=php8.2-fpm ext:pdo_mysql=php8.2-mysql ext:mbstring=php8.2-mbstring ext:intl=php8.2-intl
    ext:xml=php8.2-xml ext:curl=php8.2-curl ext:zip=php8.2-zip ext:gd=php8.2-gd ext:apcu=php8.2-apcu
    composer=composer node=nodejs npm=npm sox=sox ffmpeg=ffmpeg pocketsphinx_continuous=pocketsphinx espeak-ng=espeak-ng
    file:/usr/share/pocketsphinx/model/en-us/cmudict-en-us.dict=pocketsphinx-en-us)
# Of the second engine, which only ./pasada test webkit needs.
WEBKIT_PACKAGES=(WebKitWebDriver=webkit2gtk-driver Xvfb=xvfb)
TEST_PACKAGES=(pkill=procps chromium=chromium chromedriver=chromium-driver ext:pcov=php8.2-pcov shellcheck=shellcheck
    flite=flite)

folders() {
    { mkdir -p "$RUN" "$VAR"/{log,ports,storage/framework/{cache/data,views,sessions},storage/logs} \
        && touch "$RUN/.writable"; } 2>/dev/null \
        || die "the folder $(basename "$ROOT")/var cannot be written" \
            "give $(id -un) the right to write there, or free some space"
    # What the servers themselves say is little; the application's own log has a file a day.
    find "$VAR/log" -name '*.log' -size +5M -exec mv {} {}.old \;
    local free; free=$(df -Pk "$VAR" | awk 'NR==2 {print $4}')
    [ "$free" -ge 307200 ] \
        || die "only $((free / 1024)) MB are free where var/ lies; 300 MB are needed" "free some space and run again"
}

own_account() {
    if is_root; then
        id "$ACCOUNT" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent \
            --shell /usr/sbin/nologin "$ACCOUNT" \
            || die "the account '$ACCOUNT' could not be made; the servers do not run as root" \
                "make it by hand: useradd --system --user-group $ACCOUNT"
        [ -z "$(find "$VAR" -maxdepth 3 ! -user "$ACCOUNT" -print -quit)" ] || give_account "$VAR"
        let_account_through
    fi
    chmod 0700 "$VAR"
    find "$VAR/log" "$VAR/storage/logs" -type f -perm /077 -exec chmod 0600 {} +
}

# A checkout in somebody's private folder can be read by its owner only: the account is let through to it, and no
# further.
let_account_through() {
    as_account test -r "$ROOT/public/index.php" && return 0
    install_packages setfacl=acl
    local folder=$ROOT
    while [ "$folder" != / ]; do
        as_account test -x "$folder" || setfacl -m "u:$ACCOUNT:x" "$folder" 2>/dev/null || true
        folder=$(dirname "$folder")
    done
    as_account test -r "$ROOT/public/index.php" || setfacl -R -m "u:$ACCOUNT:rX" "$ROOT" 2>/dev/null || true
    as_account test -r "$ROOT/public/index.php" \
        || die "the account '$ACCOUNT', as which the servers run, cannot read this checkout" \
            "move it to where others may read, such as /srv, or run ./pasada without root"
}

# Code is for all to read, unlike what is written below var/, the logs of these steps included.
readable() { (umask 022; "$@"); }
dependencies() {
    local stamp=$VAR/composer.stamp
    if [ ! -f vendor/autoload.php ] || ! cmp -s composer.json "$stamp"; then
        step "Composer packages"
        readable mkdir -p bootstrap/cache
        readable env COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress \
            >"$VAR/log/composer.log" 2>&1 \
            || die "composer could not install the packages (var/log/composer.log)" \
                "check that the package registry can be reached, then run again"
        # Some archives hold files for their owner's eyes only; nothing in them is a secret.
        chmod -R go+rX vendor
        cp composer.json "$stamp"; done_
    fi
    stamp=$VAR/npm.stamp
    if [ ! -d node_modules ] || ! cmp -s package-lock.json "$stamp"; then
        step "npm packages"
        readable npm ci --no-audit --no-fund >"$VAR/log/npm.log" 2>&1 \
            || die "npm could not install the packages (var/log/npm.log)" \
                "check that the package registry can be reached, then run again"
        cp package-lock.json "$stamp"; done_
    fi
}

new_token() { php -r 'echo bin2hex(random_bytes(24));'; }
secrets() {
    local env=$VAR/.env
    if [ -f "$env" ]; then
        sed -i "s/^DB_PORT=.*/DB_PORT=$DB_PORT/; s/^LOG_CHANNEL=single$/LOG_CHANNEL=daily/" "$env"
        grep -q '^PASADA_OPERATOR_TOKEN=' "$env" || echo "PASADA_OPERATOR_TOKEN=$(new_token)" >>"$env"
        return 0
    fi
    (umask 077; cat >"$env" <<END
APP_NAME=Pasada
APP_ENV=local
APP_KEY=base64:$(php -r 'echo base64_encode(random_bytes(32));')
APP_DEBUG=false
APP_URL=http://127.0.0.1:$PORT
LOG_CHANNEL=daily
DB_CONNECTION=mariadb
DB_HOST=127.0.0.1
DB_PORT=$DB_PORT
DB_DATABASE=pasada
DB_USERNAME=pasada
DB_PASSWORD=$(php -r 'echo bin2hex(random_bytes(16));')
SESSION_DRIVER=database
CACHE_STORE=database
QUEUE_CONNECTION=database
PASADA_OPERATOR_TOKEN=$(new_token)
END
    )
    give_account "$env"
}
env_value() { sed -n "s/^$1=//p" "$VAR/.env"; }

# Everything up to the point where servers can be started.
prepare() { # packages...
    folders; install_packages "$@"; own_account; dependencies; secrets
}

build_front() {
    local now
    now=$(find package-lock.json vite.config.ts resources/js -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
    [ -f public/app/index.html ] && [ "$now" = "$(cat "$VAR/front.stamp" 2>/dev/null)" ] && return 0
    readable npx vite build >"$VAR/log/vite.log" 2>&1 \
        || die "the front end did not build (var/log/vite.log)" "read its last lines"
    echo "$now" >"$VAR/front.stamp"
}
