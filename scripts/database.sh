# shellcheck shell=bash
# MariaDB from var/mysql, on loopback.

# A socket's path may hold 107 characters only; a deep checkout falls back to the system's temporary folder.
SOCKET=$RUN/mysql.sock
[ ${#SOCKET} -le 100 ] || SOCKET=${TMPDIR:-/tmp}/pasada-$CHECKOUT.sock
# Every change since the last backup, by which a restore goes on to any moment; not of what the tests fill and drop,
# but for the database by which they try it.
CHANGES=$VAR/changes
CHANGES_DAYS=14
LOGGED=(pasada pasada_quiet)
sql() { as_account mariadb --no-defaults --socket="$SOCKET" --user="$(account)" --batch --skip-column-names "$@"; }

database_up() {
    alive "$RUN/mysql.pid" && [ "$(remembered_port database)" = "$DB_PORT" ] \
        && sql -e 'select 1' >/dev/null 2>&1 && return 0
    step "MariaDB on 127.0.0.1:$DB_PORT"
    stop_pid "$RUN/mysql.pid"
    port_taken "$DB_PORT" \
        && die "port $DB_PORT is taken by another program" \
            "stop it, or choose another: PASADA_DB_PORT=$(free_port "$DB_PORT" "$PORT") ./pasada up"
    if [ ! -d "$VAR/mysql/mysql" ]; then
        as_account mariadb-install-db --no-defaults --datadir="$VAR/mysql" --auth-root-authentication-method=socket \
            --auth-root-socket-user="$(account)" --skip-test-db >"$VAR/log/mysql-install.log" 2>&1 \
            || die "MariaDB could not lay out its data folder (var/log/mysql-install.log)" \
                "free some space, delete var/mysql and run again"
    fi
    rm -f "$SOCKET"
    mkdir -p "$CHANGES" && chmod 700 "$CHANGES" && give_account "$CHANGES"
    # MariaDB has a umask of its own.
    as_account env UMASK=0600 UMASK_DIR=0700 setsid /usr/sbin/mariadbd --no-defaults \
        --datadir="$VAR/mysql" --socket="$SOCKET" --pid-file="$RUN/mysql.pid" \
        --bind-address=127.0.0.1 --port="$DB_PORT" --log-error="$VAR/log/mysql.log" --character-set-server=utf8mb4 \
        --collation-server=utf8mb4_unicode_ci --innodb-buffer-pool-size=256M --innodb-flush-log-at-trx-commit=1 \
        --log-bin="$CHANGES/changes" --binlog-format=ROW --server-id=1 --sync-binlog=1 \
        --log-bin-trust-function-creators=1 --max-binlog-size=64M --expire-logs-days="$CHANGES_DAYS" \
        "${LOGGED[@]/#/--binlog-do-db=}" \
        >/dev/null 2>&1 </dev/null &
    disown
    local i; for i in $(seq 1 300); do
        # Laid out by an earlier Pasada, whose servers ran as root: this account is let in as that one was.
        ! is_root || mariadb --no-defaults --socket="$SOCKET" --user=root -e "
            CREATE USER IF NOT EXISTS '$ACCOUNT'@'localhost' IDENTIFIED VIA unix_socket;
            GRANT ALL ON *.* TO '$ACCOUNT'@'localhost' WITH GRANT OPTION" >/dev/null 2>&1 || true
        sql -e 'select 1' >/dev/null 2>&1 && break
        sleep 0.1
    done
    [ "$i" -lt 300 ] \
        || die "MariaDB did not start (var/log/mysql.log)" \
            "read its last lines; a damaged data folder can be dropped with: rm -r var/mysql"
    remember_port database "$DB_PORT"
    local password name; password=$(env_value DB_PASSWORD)
    for name in pasada pasada_test; do sql -e "CREATE DATABASE IF NOT EXISTS $name"; done
    sql -e "CREATE USER IF NOT EXISTS 'pasada'@'127.0.0.1'; CREATE USER IF NOT EXISTS 'pasada'@'localhost';
        ALTER USER 'pasada'@'127.0.0.1' IDENTIFIED BY '$password';
        ALTER USER 'pasada'@'localhost' IDENTIFIED BY '$password';
        GRANT ALL ON \`pasada%\`.* TO 'pasada'@'127.0.0.1'; GRANT ALL ON \`pasada%\`.* TO 'pasada'@'localhost';"
    done_
}
database_down() { stop_pid "$RUN/mysql.pid"; }

artisan() { # database command...: for one command, with no kept settings of an instance
    local database=$1; shift
    as_account env APP_CONFIG_CACHE="$RUN/none/config.php" APP_ROUTES_CACHE="$RUN/none/routes.php" \
        APP_EVENTS_CACHE="$RUN/none/events.php" DB_DATABASE="$database" php artisan "$@"
}

migrate() { # database
    artisan "$1" migrate --force >"$VAR/log/migrate.log" 2>&1 \
        || die "the database could not be brought up to date (var/log/migrate.log)" "read its last lines"
}
migrate_and_seed() { # database
    migrate "$1"
    artisan "$1" pasada:demo --if-empty >"$VAR/log/demo.log" 2>&1 \
        || die "the demo data could not be loaded (var/log/demo.log)" "read its last lines"
}
