# shellcheck shell=bash
# ./pasada backup FILE and ./pasada restore FILE: the database as it is at one moment, the keys, the notes of the trail,
# the sound of walks, sealed as it lies.

SOUNDS=$VAR/storage/app
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
    as_account mariadb-dump --no-defaults --socket="$SOCKET" --user="$(account)" --single-transaction --master-data=2 \
        --quick --hex-blob --skip-dump-date --skip-lock-tables --triggers "$database" >"$folder/database.sql" \
        || die "the database could not be read" "look whether it runs: ./pasada status"
    cp "$VAR/.env" "$folder/env"
    [ ! -f "$VAR/storage/trail-$database.txt" ] || cp "$VAR/storage/trail-$database.txt" "$folder/trail.txt"
    [ ! -d "$SOUNDS/sounds" ] || tar -C "$SOUNDS" -cf "$folder/sounds.tar" sounds
    printf 'pasada-backup/1\n%s\n%s\n%s\n%s\n' "$(version)" "$(newest_migration_of "$database")" \
        "$(date -u +%FT%TZ)" "$database $(place_in_changes "$folder/database.sql")" >"$folder/about"
    (cd "$folder" && sha256sum -- * >sums)
    tar -C "$folder" -czf "$folder.tar.gz" . && mv "$folder.tar.gz" "$folder/all"
    if [ -n "${PASADA_PASSPHRASE:-}" ]; then encrypted -in "$folder/all" -out "$file"; else mv "$folder/all" "$file"; fi
    echo "Kept in $(basename "$file"): $(du -h "$file" | cut -f1)${PASADA_PASSPHRASE:+, encrypted}."
}

# Where the dump stands in the changes: the name of their file, and how far into it.
place_in_changes() { # file
    sed -n "/^-- CHANGE MASTER/{s/.*LOG_FILE='\([^']*\)', MASTER_LOG_POS=\([0-9]*\).*/\1 \2/p;q}" "$1"
}

RESTORE_USE='./pasada restore FILE [--yes] [--until "2026-11-28 14:05:00"] [--changes FOLDER], the time in UTC'
restore() { # file
    [ $# -ge 1 ] && [ -f "$1" ] || die "there is no such backup" "$RESTORE_USE"
    local file=$1 folder database about yes='' until='' changes=$CHANGES
    shift
    while [ $# -gt 0 ]; do
        case $1 in
            --yes) yes=1; shift ;;
            --until) until=${2:-}; shift 2 || die "--until asks for a time" "$RESTORE_USE" ;;
            --changes) changes=${2:-}; shift 2 || die "--changes asks for a folder" "$RESTORE_USE" ;;
            *) die "restore does not know \"$1\"" "$RESTORE_USE" ;;
        esac
    done
    [ -z "$until" ] || date -u -d "$until" >/dev/null 2>&1 || die "\"$until\" is no time" "$RESTORE_USE"
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
    [ -z "$until" ] || look_at_changes "$about" "$changes" "$until"
    echo "Backup of $(sed -n 4p <<<"$about"), Pasada $(sed -n 2p <<<"$about"):" \
        "it takes the place of an empty database and of its keys."
    if [ -z "$yes" ]; then
        local answer=''
        read -r -p "Type yes to go on: " answer || true
        [ "$answer" = yes ] || { echo "Nothing was changed."; return 0; }
    fi
    sql -e "DROP DATABASE IF EXISTS \`$database\`; CREATE DATABASE \`$database\`"
    sql "$database" <"$folder/database.sql" || die "the database could not be restored" "look into var/log/mysql.log"
    [ -z "$until" ] || follow_changes "$about" "$changes" "$until" "$database"
    # What was sealed with the keys of that time is opened with them again; port and password stay those of here.
    sed -i "s|^APP_KEY=.*|$(grep '^APP_KEY=' "$folder/env")|" "$VAR/.env"
    if [ -f "$folder/trail.txt" ]; then
        cp "$folder/trail.txt" "$VAR/storage/trail-$database.txt"
        give_account "$VAR/storage/trail-$database.txt"
    fi
    if [ -f "$folder/sounds.tar" ]; then
        mkdir -p "$SOUNDS" && tar -C "$SOUNDS" --skip-old-files -xf "$folder/sounds.tar"
        give_account "$SOUNDS"
    fi
    migrate "$database"
    artisan "$database" pasada:audit --verify || die "the trail is not as it was kept" "do not use this backup"
    echo "Restored. ./pasada up serves it."
}

# That the changes lead on from the backup to the moment, before anything is touched.
look_at_changes() { # about folder until
    local place; place=$(sed -n 5p <<<"$1")
    [[ $place == *' '*' '* ]] \
        || die "this backup was made before changes were kept" "restore it without --until, or take a later one"
    [ -f "$2/$(cut -d' ' -f2 <<<"$place")" ] \
        || die "the changes after this backup are not in $(basename "$2")" \
            "say where they are with --changes, as put-aside-var/changes; they are kept for $CHANGES_DAYS days"
    [[ ! $(date -u -d "$3" +%FT%TZ) < $(sed -n 4p <<<"$1") ]] \
        || die "$3 lies before this backup" "take an earlier backup"
}

follow_changes() { # about folder until database
    local from start files; read -r from start files < <(sed -n 5p <<<"$1" | awk '{print $1, $3, $2}')
    mapfile -t files < <(find "$2" -name 'changes.[0-9]*' | sort | awk -v first="$2/$files" '$0 >= first')
    TZ=UTC as_account mariadb-binlog --no-defaults --start-position="$start" \
        --stop-datetime="$(date -u -d "$3" '+%F %T')" --rewrite-db="$from->$4" --database="$from" "${files[@]}" \
        | sql || die "the changes could not be followed up to $3" "restore without --until, or ask for an earlier time"
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
