# shellcheck shell=bash
# Several servers on loopback, as a state's schools would have them on machines of their own: three nodes of MariaDB
# that replicate each other (Galera), Redis, application servers with a copy of the code each, and an nginx in front.

CLUSTER=$VAR/cluster
CLUSTER_PACKAGES=(file:/usr/lib/galera/libgalera_smm.so=galera-4 mariadbd=mariadb-server rsync=rsync
    redis-server=redis-server file:/usr/bin/wsrep_sst_rsync=mariadb-server)
NODES=(db1 db2 db3)

cluster_port() { cat "$CLUSTER/ports/$1" 2>/dev/null || true; }
# Chosen once and kept: a node is known to the others by its port.
choose_ports() {
    local name next=${PASADA_CLUSTER_PORT:-8100}
    is_port "$next" || die "\"$next\" is no port" "choose a number from 1024 to 65000"
    mkdir -p "$CLUSTER/ports"
    for name in front redis "${NODES[@]}" "${NODES[@]/%/-group}" "${NODES[@]/%/-state}" "${NODES[@]/%/-changes}" \
        $(cluster_apps); do
        [ -z "$(cluster_port "$name")" ] || continue
        next=$(free_port "$next" "$PORT" "$DB_PORT"); echo "$next" >"$CLUSTER/ports/$name"; next=$((next + 1))
    done
}
cluster_apps() { cat "$CLUSTER/apps" 2>/dev/null || echo app1 app2; }
cluster_secret() { # name: made once
    [ -f "$CLUSTER/$1.secret" ] || (umask 077; php -r 'echo bin2hex(random_bytes(16));' >"$CLUSTER/$1.secret")
    cat "$CLUSTER/$1.secret"
}
# Told apart from the servers of ./pasada up by the folder in their command line.
in_cluster() { local RUN=$CLUSTER; "$@"; }

# ---------------------------------------------------------------- the nodes of the database

node_sql() { # node statement...
    local node=$1; shift
    # A node that hangs, or is being given its state, takes a connection and says nothing.
    as_account timeout -k 1 10 mariadb --no-defaults --socket="$(node_socket "$node")" --user="$(account)" --batch \
        --skip-column-names --connect-timeout=2 "$@"
}
node_socket() { # a socket's path may hold 107 characters only
    local socket=$CLUSTER/$1/node.sock
    [ ${#socket} -le 100 ] || socket=${TMPDIR:-/tmp}/pasada-$CHECKOUT-$1.sock
    echo "$socket"
}
node_state() { node_sql "$1" -e "SHOW GLOBAL STATUS LIKE 'wsrep_local_state_comment'" 2>/dev/null | cut -f2; }
node_alive() { in_cluster alive "$CLUSTER/$1/node.pid"; }

lay_out_node() { # node
    [ ! -d "$CLUSTER/$1/data/mysql" ] || return 0
    mkdir -p "$CLUSTER/$1"; give_account "$CLUSTER/$1"
    as_account mariadb-install-db --no-defaults --datadir="$CLUSTER/$1/data" \
        --auth-root-authentication-method=socket --auth-root-socket-user="$(account)" --skip-test-db \
        >"$VAR/log/cluster-$1.log" 2>&1 \
        || die "the node $1 could not be laid out (var/log/cluster-$1.log)" "read its last lines"
}
launch_node() { # node members options...: a node never runs as root, or the others could not give it their state
    local node=$1 members=$2 dir=$CLUSTER/$1; shift 2
    rm -f "$(node_socket "$node")"
    as_account env UMASK=0600 UMASK_DIR=0700 setsid /usr/sbin/mariadbd --no-defaults \
        --datadir="$dir/data" --socket="$(node_socket "$node")" --pid-file="$dir/node.pid" \
        --bind-address=127.0.0.1 --port="$(cluster_port "$node")" --log-error="$VAR/log/cluster-$node.log" \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --innodb-buffer-pool-size=192M \
        --log-bin-trust-function-creators=1 --max-connections=300 \
        --binlog-format=ROW --innodb-autoinc-lock-mode=2 --innodb-flush-log-at-trx-commit=2 \
        --wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so --wsrep-cluster-name=pasada \
        --wsrep-cluster-address="gcomm://$members" --wsrep-node-name="$node" \
        --wsrep-node-address="127.0.0.1:$(cluster_port "$node-group")" --wsrep-sst-method=rsync \
        --wsrep-sst-receive-address="127.0.0.1:$(cluster_port "$node-state")" \
        --wsrep-sync-wait=1 --wsrep-slave-threads=2 \
        --wsrep-provider-options="$(group_options "$node")" "$@" >/dev/null 2>&1 </dev/null 9>&- &
    disown
}
# A node that says nothing for three seconds is left out of the group; the others go on.
group_options() { # node
    printf 'gmcast.listen_addr=tcp://127.0.0.1:%s;ist.recv_addr=127.0.0.1:%s;gcache.size=64M;' \
        "$(cluster_port "$1-group")" "$(cluster_port "$1-changes")"
    printf 'evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT4S;evs.install_timeout=PT4S'
}
members() { # of the group, by their addresses
    local node list=()
    for node in "${NODES[@]}"; do list+=("127.0.0.1:$(cluster_port "$node-group")"); done
    (IFS=,; echo "${list[*]}")
}
await_node() { # node seconds
    local i; for ((i = 0; i < $2 * 5; i++)); do
        [ "$(node_state "$1")" != Synced ] || return 0
        sleep 0.2
    done
    die "the node $1 did not come into step (var/log/cluster-$1.log)" \
        "where two nodes were down, ./pasada cluster up starts both; its data can be dropped and fetched anew from the
            others: rm -r var/cluster/$1/data"
}
# How far a node that is down had come. After a crash it is not in its note, and MariaDB works it out.
node_position() { # node
    local state=$CLUSTER/$1/data/grastate.dat position
    [ -f "$state" ] || { echo -2; return; }
    position=$(sed -n 's/^seqno: *//p' "$state")
    if [ "$position" = -1 ]; then
        position=$(as_account /usr/sbin/mariadbd --no-defaults --datadir="$CLUSTER/$1/data" --wsrep-recover \
            --wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so --log-error="$CLUSTER/$1/recover.log" \
            --socket="$CLUSTER/$1/recover.sock" --skip-networking >/dev/null 2>&1
            sed -n 's/.*Recovered position: .*:\(-\?[0-9]*\).*/\1/p' "$CLUSTER/$1/recover.log" | tail -1)
    fi
    echo "${position:--1}"
}
# All were down: the one that had come furthest begins, so that nothing of what was acknowledged goes.
first_node() {
    local node position most=-3 first=db1
    for node in "${NODES[@]}"; do
        position=$(node_position "$node")
        [ "$position" -le "$most" ] || { most=$position; first=$node; }
    done
    echo "$first"
}
nodes_up() {
    local node first='' living=''
    for node in "${NODES[@]}"; do lay_out_node "$node"; ! node_alive "$node" || living=1; done
    if [ -z "$living" ]; then
        first=$(first_node)
        sed -i 's/^safe_to_bootstrap:.*/safe_to_bootstrap: 1/' "$CLUSTER/$first/data/grastate.dat" 2>/dev/null || true
        launch_node "$first" ''; await_node "$first" 60
    fi
    # All that are missing, before any is waited for: two that died leave the third without a majority, and one alone
    # that comes back does not make one.
    for node in "${NODES[@]}"; do
        node_alive "$node" || { launch_node "$node" "$(members)"; [ -z "$first" ] || await_node "$node" 90; }
    done
    for node in "${NODES[@]}"; do await_node "$node" 90; done
    node_sql db1 -e "CREATE DATABASE IF NOT EXISTS pasada;
        CREATE USER IF NOT EXISTS 'pasada'@'127.0.0.1' IDENTIFIED BY '$(cluster_secret database)';
        CREATE USER IF NOT EXISTS 'pasada'@'localhost' IDENTIFIED BY '$(cluster_secret database)';
        GRANT ALL ON pasada.* TO 'pasada'@'127.0.0.1'; GRANT ALL ON pasada.* TO 'pasada'@'localhost';"
}

# ---------------------------------------------------------------- Redis

redis_up() {
    ! in_cluster alive "$CLUSTER/redis/redis.pid" || return 0
    mkdir -p "$CLUSTER/redis"
    (umask 077; cat >"$CLUSTER/redis/redis.conf" <<END
port $(cluster_port redis)
bind 127.0.0.1
dir $CLUSTER/redis
pidfile $CLUSTER/redis/redis.pid
logfile $VAR/log/cluster-redis.log
daemonize yes
set-proc-title no
# Limits, locks and caches are there again after a crash, but for the last second.
appendonly yes
appendfsync everysec
save ""
maxmemory 256mb
maxmemory-policy noeviction
requirepass $(cluster_secret redis)
END
    )
    give_account "$CLUSTER/redis"
    as_account redis-server "$CLUSTER/redis/redis.conf" >"$VAR/log/cluster-redis-start.log" 2>&1 \
        || die "Redis did not start (var/log/cluster-redis-start.log)" "read its last lines"
}

# ---------------------------------------------------------------- application servers

copy_code() { # app
    mkdir -p "$CLUSTER/$1"
    readable rsync -a --delete --exclude=/var --exclude=/node_modules --exclude=/.git --exclude=/docs \
        --exclude=/tests --exclude=/bench "$ROOT/" "$CLUSTER/$1/"
}
app_settings() { # app
    local nodes='' node
    for node in "${NODES[@]}"; do nodes+="127.0.0.1:$(cluster_port "$node"),"; done
    mkdir -p "$CLUSTER/$1/var" "$CLUSTER/files"
    (umask 077; cat >"$CLUSTER/$1/var/.env" <<END
APP_NAME=Pasada
APP_ENV=production
APP_KEY=$(env_value APP_KEY)
APP_DEBUG=false
APP_URL=http://127.0.0.1:$(cluster_port front)
DB_CONNECTION=mariadb
DB_NODES=${nodes%,}
DB_LEAST_NODES=2
DB_DATABASE=pasada
DB_USERNAME=pasada
DB_PASSWORD=$(cluster_secret database)
REDIS_PORT=$(cluster_port redis)
REDIS_PASSWORD=$(cluster_secret redis)
SESSION_DRIVER=database
CACHE_STORE=shared
CACHE_LIMITER=shared
QUEUE_CONNECTION=database
PASADA_SERVER=$1
PASADA_FILES=$CLUSTER/files
PASADA_TRUSTED_PROXIES=127.0.0.1
PASADA_OPERATOR_TOKEN=$(env_value PASADA_OPERATOR_TOKEN)
${PASADA_REQUESTS_PER_MINUTE:+PASADA_REQUESTS_PER_MINUTE=$PASADA_REQUESTS_PER_MINUTE}
END
    )
    give_account "$CLUSTER/$1/var"; give_account "$CLUSTER/files"
}
# The words of ./pasada, said in the copy of one server.
as_app() { # app command...
    local here=$PWD code=0 ROOT=$CLUSTER/$1 VAR=$CLUSTER/$1/var RUN=$CLUSTER/$1/var/run BALANCED=1; shift
    cd "$ROOT"; "$@" || code=$?; cd "$here"
    return $code
}
app_up() { # app
    as_app "$1" folders
    give_account "$CLUSTER/$1/var"
    as_app "$1" serve app "$(cluster_port "$1")" pasada "${PASADA_WORKERS:-5}"
    as_app "$1" start_workers
}
app_down() { as_app "$1" unserve app; as_app "$1" stop_workers; }
app_alive() {
    as_app "$1" alive "$CLUSTER/$1/var/run/app/nginx.pid" && as_app "$1" alive "$CLUSTER/$1/var/run/app/fpm.pid"
}

# ---------------------------------------------------------------- the balancer

write_front() {
    local dir=$CLUSTER/front app
    mkdir -p "$dir/tmp"
    in_cluster write_headers front
    {
        cat <<END
worker_processes 2;
pid $dir/nginx.pid;
error_log $VAR/log/cluster-front.log;
events { worker_connections 2048; }
http {
    access_log off;
    server_tokens off;
    client_body_temp_path $dir/tmp; proxy_temp_path $dir/tmp; fastcgi_temp_path $dir/tmp;
    uwsgi_temp_path $dir/tmp; scgi_temp_path $dir/tmp;
    client_max_body_size 12m;
    upstream apps {
        keepalive 64;
END
        # One that fails is left alone for three seconds, then tried again.
        for app in $(cluster_apps); do
            echo "        server 127.0.0.1:$(cluster_port "$app") max_fails=1 fail_timeout=3s;"
        done
        cat <<END
    }
    server {
        listen 127.0.0.1:$(cluster_port front);
        error_page 502 504 = @away;
        proxy_intercept_errors on;
        # Figures are asked of each server, never through here.
        location = /metrics { include $dir/headers.conf; return 404; }
        location / {
            proxy_pass http://apps;
            proxy_http_version 1.1;
            proxy_set_header Connection '';
            proxy_set_header Host \$http_host;
            # In place of what the sender says: the servers believe these.
            proxy_set_header X-Forwarded-For \$remote_addr;
            proxy_set_header X-Forwarded-Proto \$scheme;
            proxy_set_header X-Forwarded-Host \$http_host;
            proxy_set_header X-Forwarded-Port \$server_port;
            proxy_set_header X-Request-Id \$request_id;
            proxy_connect_timeout 1s;
            proxy_read_timeout 600s;
            # Whatever writes may be sent twice, so another server is asked also where the first had begun; not in place
            # of a busy one (503), whose load would drown the other.
            proxy_next_upstream error timeout http_502 non_idempotent;
            proxy_next_upstream_tries 2;
        }
        location @away {
            internal; default_type application/problem+json; add_header Retry-After 2 always;
            include $dir/headers.conf;
            return 503 '{"type":"/problems/unavailable","status":503,"errors":[],"request_id":"\$request_id",
                "detail":"No server answers just now. Nothing of this request was kept; try again in a few seconds."}';
        }
    }
}
END
    } >"$dir/nginx.conf"
    give_account "$dir"
}
front_up() {
    write_front
    if in_cluster alive "$CLUSTER/front/nginx.pid"; then kill -HUP "$(cat "$CLUSTER/front/nginx.pid")"; return 0; fi
    as_account /usr/sbin/nginx -c "$CLUSTER/front/nginx.conf" -e "$VAR/log/cluster-front.log" \
        2>"$VAR/log/cluster-front-start.log" \
        || die "the balancer did not start (var/log/cluster-front-start.log)" "read its last lines"
}

# ---------------------------------------------------------------- ./pasada cluster ...

cluster_up() {
    local app
    prepare "${RUN_PACKAGES[@]}" "${CLUSTER_PACKAGES[@]}"
    mkdir -p "$CLUSTER"; cluster_apps >"$CLUSTER/apps.new"; mv "$CLUSTER/apps.new" "$CLUSTER/apps"
    choose_ports; cluster_secret database >/dev/null; cluster_secret redis >/dev/null; give_account "$CLUSTER"
    build_front
    step "Three nodes of MariaDB"; nodes_up; done_
    step "Redis"; redis_up; done_
    for app in $(cluster_apps); do copy_code "$app"; app_settings "$app"; as_app "$app" folders; done
    give_account "$CLUSTER"
    step "Tables and demo data"; as_app app1 migrate_and_seed pasada; done_
    for app in $(cluster_apps); do
        step "The server $app on 127.0.0.1:$(cluster_port "$app")"; app_up "$app"; done_
    done
    step "The balancer"; front_up; done_
    printf '\nThe cluster is up after %s s:  http://127.0.0.1:%s\n\n' "$((SECONDS - STARTED))" "$(cluster_port front)"
}
cluster_down() {
    local app node
    in_cluster stop_pid "$CLUSTER/front/nginx.pid"
    for app in $(cluster_apps); do [ ! -d "$CLUSTER/$app/var" ] || app_down "$app"; done
    in_cluster stop_pid "$CLUSTER/redis/redis.pid"
    for node in db3 db2 db1; do in_cluster stop_pid "$CLUSTER/$node/node.pid"; done
    echo "The cluster is down."
}
cluster_status() {
    local app node ok=0 state
    for node in "${NODES[@]}"; do
        state=$(node_alive "$node" && node_state "$node" || true)
        printf '%-8s %s\n' "$node" "${state:-is down}"; [ "$state" = Synced ] || ok=1
    done
    for app in redis/redis.pid front/nginx.pid; do
        in_cluster alive "$CLUSTER/$app" && state=runs || { state='is down'; ok=1; }
        printf '%-8s %s\n' "${app%/*}" "$state"
    done
    for app in $(cluster_apps); do
        app_alive "$app" && state=$(readiness "$(cluster_port "$app")") || { state='is down'; ok=1; }
        printf '%-8s %s\n' "$app" "$state"
    done
    return $ok
}
readiness() { # port: what a server says of itself, in one line
    # shellcheck disable=SC2016 # PHP's variables
    php -r '$http = ["ignore_errors" => true, "timeout" => 5, "header" => "Authorization: Bearer ".$argv[2]];
        $said = json_decode((string) @file_get_contents("http://127.0.0.1:$argv[1]/ready", false,
            stream_context_create(["http" => $http])), true);
        echo ($said["ready"] ?? false) ? "ready" : "not ready";
        foreach ($said["checks"] ?? [] as $one) {
            if ($one["state"] !== "ok") { echo "; $one[name]: $one[says]"; }
        }' "$1" "$(env_value PASADA_OPERATOR_TOKEN)"
}
cluster_kill() { # name: at once, as a machine dies
    local name=$1 file
    case $name in
        db[123]) kill_hard "$CLUSTER/$name/node.pid" ;;
        redis) kill_hard "$CLUSTER/redis/redis.pid" ;;
        front) kill_hard "$CLUSTER/front/nginx.pid"; stop_orphans "$VAR/log/cluster-front.log" ;;
        app*)
            [ -d "$CLUSTER/$name/var" ] || die "there is no server '$name'" "./pasada cluster status names them"
            for file in app/nginx.pid app/fpm.pid worker-live.pid worker-default.pid; do
                as_app "$name" kill_hard "$CLUSTER/$name/var/run/$file"
            done
            as_app "$name" stop_orphans "$CLUSTER/$name/var/log/nginx-app.log"
            as_app "$name" stop_pool app
            as_app "$name" stop_orphans "$CLUSTER/$name/var/log/worker-live.log"
            as_app "$name" stop_orphans "$CLUSTER/$name/var/log/worker-default.log" ;;
        *) die "there is no '$name' in the cluster" "db1, db2, db3, redis, front, app1, app2 ..." ;;
    esac
}
# As a machine that has lost its network: it takes what is sent and says nothing.
cluster_hang() { # name
    [[ $1 =~ ^db[123]$ ]] || die "only a node of the database can hang" "db1, db2 or db3"
    node_alive "$1" && kill -STOP "$(cat "$CLUSTER/$1/node.pid")"
}
kill_hard() { # pid file
    local RUN=$CLUSTER pid; pid=$(cat "$1" 2>/dev/null || true)
    [ -n "$pid" ] && is_ours "$pid" && kill -9 "$pid" 2>/dev/null || true
}
cluster_start() { # name: what was killed, again
    case $1 in
        db[123])
            if node_alive "$1"; then kill -CONT "$(cat "$CLUSTER/$1/node.pid")"; await_node "$1" 60; return 0; fi
            if node_alive db1 || node_alive db2 || node_alive db3; then
                launch_node "$1" "$(members)"; await_node "$1" 60
            else nodes_up; fi ;;
        redis) redis_up ;;
        front) front_up ;;
        app*) app_up "$1" ;;
        *) die "there is no '$1' in the cluster" "db1, db2, db3, redis, front, app1, app2 ..." ;;
    esac
}
cluster_add_app() {
    local name; name=app$(($(cluster_apps | wc -w) + 1))
    [ -d "$CLUSTER/app1/var" ] || die "there is no cluster yet" "./pasada cluster up"
    echo "$(cluster_apps) $name" >"$CLUSTER/apps"
    choose_ports; copy_code "$name"; app_settings "$name"
    step "The server $name on 127.0.0.1:$(cluster_port "$name")"; app_up "$name"; front_up; done_
}
cluster() {
    local what=${1:-} name; shift || true
    # What whoever asks has set for itself, as the tests do, would come before a server's own settings.
    for name in $(compgen -e | grep -E '^(APP|BCRYPT|CACHE|DB|LOG|QUEUE|REDIS|SESSION)_' || true); do
        export -n "${name?}"
    done
    case $what in
        up | down | status) "cluster_$what" ;;
        kill | hang | start)
            [ -n "${1:-}" ] || die "./pasada cluster $what needs a name" "./pasada cluster status names them"
            "cluster_$what" "$1" ;;
        add-app) cluster_add_app ;;
        *) die "there is no command 'cluster $what'" \
            "./pasada cluster up | down | status | kill NAME | hang NAME | start NAME | add-app" ;;
    esac
}
