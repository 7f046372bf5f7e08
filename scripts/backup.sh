# shellcheck shell=bash
# ./pasada backup FILE and ./pasada restore FILE: the database as it is at one moment, the keys, the notes of the trail.

# The database that is meant; the tests name another.
the_database() { echo "${PASADA_DATABASE:-$(env_value DB_DATABASE)}"; }
version() { head -n 1 "$ROOT/VERSION"; }
# Of the newest change of the tables that this code, or a database, knows.
newest_migration_here() { find database/migrations -name '*.php' -printf '%f\n' | sort | tail -n 1 | sed 's/\.php$//'; }
newest_migration_of() { sql "$1" -e 'SELECT migration FROM migrations ORDER BY migration DESC LIMIT 1'; }

encrypted() { openssl enc -aes-256-cbc -pbkdf2 -iter 600000 -salt -pass env:PASADA_PASSPHRASE "$@"; }

backup() { # file
    [ $# -eq 1 ] || die "say where the backup goes" "./pasada backup FILE; with PASADA_PASSPHRASE set it is encrypted"
    local file=$1 folder database
    [ ! -e "$file" ] || die "$(basename "$file") is there already" "choose another name; a backup replaces nothing"
    : >"$file" 2>/dev/null || die "$(basename "$file") cannot be written" "choose a folder that you may write to"
    rm -f "$file"
    prepare "${RUN_PACKAGES[@]}"; database_up >/dev/null
    database=$(the_database); folder=$(mktemp -d "$VAR/backup.XXXXXX"); give_account "$folder"
    # shellcheck disable=SC2064 # the folder as it is now
    trap "rm -rf '$folder'" EXIT
    # One moment of all tables, while people work on.
    as_account mariadb-dump --no-defaults --socket="$SOCKET" --user="$(account)" --single-transaction --quick \
        --hex-blob --skip-dump-date --skip-lock-tables --triggers "$database" >"$folder/database.sql" \
        || die "the database could not be read" "look whether it runs: ./pasada status"
    cp "$VAR/.env" "$folder/env"
    [ ! -f "$VAR/storage/trail-$database.txt" ] || cp "$VAR/storage/trail-$database.txt" "$folder/trail.txt"
    printf 'pasada-backup/1\n%s\n%s\n%s\n' "$(version)" "$(newest_migration_of "$database")" "$(date -u +%FT%TZ)" \
        >"$folder/about"
    (cd "$folder" && sha256sum -- * >sums)
    tar -C "$folder" -czf "$folder.tar.gz" . && mv "$folder.tar.gz" "$folder/all"
    if [ -n "${PASADA_PASSPHRASE:-}" ]; then encrypted -in "$folder/all" -out "$file"; else mv "$folder/all" "$file"; fi
    echo "Kept in $(basename "$file"): $(du -h "$file" | cut -f1)${PASADA_PASSPHRASE:+, encrypted}."
}

restore() { # file
    [ $# -ge 1 ] && [ -f "$1" ] || die "there is no such backup" "./pasada restore FILE [--yes]"
    local file=$1 folder database about
    prepare "${RUN_PACKAGES[@]}"; database_up >/dev/null
    database=$(the_database); folder=$(mktemp -d "$VAR/restore.XXXXXX"); give_account "$folder"
    # shellcheck disable=SC2064 # the folder as it is now
    trap "rm -rf '$folder'" EXIT
    unpack_backup "$file" "$folder"
    about=$(cat "$folder/about")
    [ "$(sed -n 1p <<<"$about")" = pasada-backup/1 ] \
        || die "this is a backup of a kind that is not known here" \
            "restore it with the Pasada that made it, or a newer one"
    [[ ! $(sed -n 3p <<<"$about") > $(newest_migration_here) ]] \
        || die "this backup is of Pasada $(sed -n 2p <<<"$about"), which is newer than this one" \
            "bring Pasada up to date, then restore"
    if [ "$(sql "$database" -e 'SELECT COUNT(*) FROM schools' 2>/dev/null || echo 0)" != 0 ]; then
        die "there are records here already, and a backup replaces none" \
            "restore into a fresh checkout, or put var/ aside first"
    fi
    echo "Backup of $(sed -n 4p <<<"$about"), Pasada $(sed -n 2p <<<"$about"):" \
        "it takes the place of an empty database and of its keys."
    if [ "${2:-}" != --yes ]; then
        local answer=''
        read -r -p "Type yes to go on: " answer || true
        [ "$answer" = yes ] || { echo "Nothing was changed."; return 0; }
    fi
    sql -e "DROP DATABASE IF EXISTS \`$database\`; CREATE DATABASE \`$database\`"
    sql "$database" <"$folder/database.sql" || die "the database could not be restored" "look into var/log/mysql.log"
    # What was sealed with the keys of that time is opened with them again; port and password stay those of here.
    sed -i "s|^APP_KEY=.*|$(grep '^APP_KEY=' "$folder/env")|" "$VAR/.env"
    if [ -f "$folder/trail.txt" ]; then
        cp "$folder/trail.txt" "$VAR/storage/trail-$database.txt"
        give_account "$VAR/storage/trail-$database.txt"
    fi
    migrate "$database"
    artisan "$database" pasada:audit --verify || die "the trail is not as it was kept" "do not use this backup"
    echo "Restored. ./pasada up serves it."
}

unpack_backup() { # file folder: opened, and every piece as it was
    local source=$1
    if ! tar -tzf "$1" >/dev/null 2>&1; then
        [ -n "${PASADA_PASSPHRASE:-}" ] \
            || die "this is no backup, it is damaged, or it is encrypted" "set PASADA_PASSPHRASE where it is encrypted"
        encrypted -d -in "$1" -out "$2/all" 2>/dev/null && tar -tzf "$2/all" >/dev/null 2>&1 \
            || die "this backup does not open with this passphrase, or it is damaged" "check the passphrase"
        source=$2/all
    fi
    tar -C "$2" -xzf "$source" && rm -f "$2/all"
    (cd "$2" && sha256sum --quiet -c sums >/dev/null 2>&1) \
        || die "this backup is damaged: a piece of it is not as it was kept" "take an earlier one"
}
