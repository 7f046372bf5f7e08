# shellcheck shell=bash
# Starts again what has died, and everything after a boot.

WATCH_SECONDS=2
UNIT=/etc/systemd/system/pasada.service

# What ./pasada up started last, started again where it is gone; nothing is installed and nothing is laid out.
revive() {
    if ! alive "$RUN/mysql.pid"; then
        echo "$(date -u '+%F %T') the database is gone"; database_up
    fi
    if ! alive "$RUN/app/nginx.pid" || ! alive "$RUN/app/fpm.pid"; then
        echo "$(date -u '+%F %T') the server is gone"; serve app "$PORT" "$(env_value DB_DATABASE)"
    fi
    start_workers; watch_over
}
# As the account of the servers, never as root. It does not end by itself: a start that failed is tried again.
watch() {
    [ -f "$VAR/.env" ] || die "nothing is set up here yet" "./pasada up"
    ! is_root || exec setpriv --reuid="$ACCOUNT" --regid="$ACCOUNT" --init-groups env HOME="$VAR" "$ROOT/pasada" watch
    while true; do
        (revive) || true
        sleep "$WATCH_SECONDS"
    done
}
start_watch() {
    # Systemd does it where ./pasada service was said.
    [ ! -f "$UNIT" ] || return 0
    ! alive "$RUN/watch.pid" || return 0
    # shellcheck disable=SC2016 # expanded by the shell that is started
    (as_account setsid bash -c 'echo $$ >"$1"; exec "$2" watch' _ "$RUN/watch.pid" "$ROOT/pasada" &
    ) >>"$VAR/log/watch.log" 2>&1 </dev/null 9>&-
}
stop_watch() { stop_pid "$RUN/watch.pid"; }

# Has systemd start Pasada after a boot and watch over it.
service() {
    [ -f "$VAR/.env" ] || die "nothing is set up here yet" "./pasada up"
    [ -d /run/systemd/system ] || die "systemd does not run here" \
        "put this into the crontab of root: @reboot $(printf '%q' "$ROOT/pasada") watch"
    is_root || die "a service is set up by root" "sudo ./pasada service"
    stop_watch
    service_unit >"$UNIT"
    systemctl daemon-reload && systemctl enable --now pasada.service
}
service_unit() {
    cat <<END
[Unit]
Description=Pasada
After=network.target local-fs.target

[Service]
User=$ACCOUNT
Environment=HOME=$VAR
ExecStart=$ROOT/pasada watch
ExecStop=$ROOT/pasada down
Restart=always
RestartSec=2
# The servers go on while only the watcher is started anew.
KillMode=process
TimeoutStopSec=60

[Install]
WantedBy=multi-user.target
END
}
