# shellcheck shell=bash
# nginx and php-fpm; one instance per name, each with a folder below var/run.

instance_env() { # name database: the environment in which artisan and php-fpm of this instance run
    export APP_CONFIG_CACHE=$RUN/$1/config.php APP_ROUTES_CACHE=$RUN/$1/routes.php
    export APP_EVENTS_CACHE=$RUN/$1/events.php DB_DATABASE=$2 DB_PERSISTENT=true
    # The browser tests sign in a hundred times; how slow a password is made on purpose is none of their business.
    case $1 in lane* | school) export BCRYPT_ROUNDS=4 ;; esac
}

# Of php-fpm's workers, by which those are found that outlived their master.
pool_name() { printf 'pasada-%s-%s' "$(printf '%s' "$RUN/$1" | sha256sum | cut -c1-10)" "$1"; } # name
stop_pool() { # name
    local title pid; title="php-fpm: pool $(pool_name "$1")"
    for pid in /proc/[0-9]*; do
        if [ "$({ tr '\0' ' ' <"$pid/cmdline"; } 2>/dev/null | sed 's/ *$//')" = "$title" ]; then
            kill -9 "${pid#/proc/}" 2>/dev/null || true
        fi
    done
}

# Seconds after which a node of the database that says nothing is taken to be dead; none where there is no other to be
# asked, and for commands, which may change a large table for minutes.
SILENCE_SECONDS=6
silence() { [ -z "${BALANCED:-}" ] || echo "$1mysqlnd.net_read_timeout$2=$SILENCE_SECONDS"; } # before behind

write_fpm_config() { # name database workers
    local dir=$RUN/$1
    cat >"$dir/fpm.conf" <<END
[global]
pid = $dir/fpm.pid
error_log = $VAR/log/fpm-$1.log
daemonize = yes
; asked to go, it lets its workers finish what is under way
process_control_timeout = 10s
[$(pool_name "$1")]
listen = $dir/fpm.sock
listen.mode = 0600
; as many as are answered in two seconds; what comes beyond is told at once to come again (503), and brings more marks
; then. Without it, pages give up on requests that are still worked on, and send them a second time
listen.backlog = 128
pm = static
pm.max_children = $3
pm.max_requests = 5000
catch_workers_output = yes
env[APP_CONFIG_CACHE] = $dir/config.php
env[APP_ROUTES_CACHE] = $dir/routes.php
env[APP_EVENTS_CACHE] = $dir/events.php
env[DB_DATABASE] = $2
; up and test restart php-fpm, so it need not look at every file on every request
php_admin_value[opcache.validate_timestamps] = 0
php_admin_value[realpath_cache_size] = 4M
php_admin_value[realpath_cache_ttl] = 600
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 12M
$(silence 'php_admin_value[' ']')
END
}

# nginx drops the headers of the server where a location adds one of its own, so every location names this file.
write_headers() { # name
    cat >"$RUN/$1/headers.conf" <<'END'
add_header X-Content-Type-Options nosniff always;
add_header Referrer-Policy same-origin always;
add_header X-Frame-Options DENY always;
add_header Cross-Origin-Opener-Policy same-origin always;
add_header Permissions-Policy "camera=(), geolocation=()" always;
END
    # Styles are made by the components as the page runs; scripts come from files of our own and from nowhere else.
    local sources="default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
    sources="$sources media-src 'self';"
    sources="$sources font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self';"
    sources="$sources base-uri 'none'; form-action 'self'; frame-ancestors 'none'"
    printf 'add_header Content-Security-Policy "%s" always;\n' "$sources" >>"$RUN/$1/headers.conf"
}

# How a location hands a request to php-fpm.
write_php_config() { # name
    cat >"$RUN/$1/php.conf" <<END
include /etc/nginx/fastcgi_params;
fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
fastcgi_param SCRIPT_NAME /index.php;
fastcgi_param PASADA_REQUEST_ID $([ -n "${BALANCED:-}" ] && echo '$http_x_request_id' || echo '$request_id');
fastcgi_pass php;
# A workbook of all records is written before the first piece of it is sent.
fastcgi_read_timeout 600s;
# Answers hold names and results of people: no browser and no proxy keeps them.
fastcgi_hide_header Cache-Control;
add_header Cache-Control no-store always;
include $RUN/$1/headers.conf;
END
}

# A busy server and one whose php-fpm is away are not the same to a balancer: it asks another in place of the second
# (502) and leaves it alone for a while; were the first left alone too, its load would drown the rest. By the file with
# php-fpm's number, which goes with it: nginx sees no socket as a file.
write_nginx_config() { # name port
    local dir=$RUN/$1
    write_headers "$1"
    write_php_config "$1"
    cat >"$dir/nginx.conf" <<END
worker_processes 2;
pid $dir/nginx.pid;
error_log $VAR/log/nginx-$1.log;
events { worker_connections 1024; }
http {
    include /etc/nginx/mime.types;
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    client_body_temp_path $dir/tmp; proxy_temp_path $dir/tmp; fastcgi_temp_path $dir/tmp;
    uwsgi_temp_path $dir/tmp; scgi_temp_path $dir/tmp;
    # More than any route takes (app/Http/Middleware/LimitBody.php); what is larger does not reach PHP.
    client_max_body_size 12m;
    gzip on; gzip_min_length 1024;
    gzip_types text/css application/javascript application/json application/problem+json image/svg+xml
        application/manifest+json;
    # No kept connections to php-fpm: an idle one holds one of its few workers, and under load the rest starve.
    upstream php { server unix:$dir/fpm.sock; }
    server {
        listen 127.0.0.1:$2;
        root $ROOT/public;
        error_page 413 = @too-large;
        error_page 502 504 = @away;
        include $dir/headers.conf;
        location /app/assets/ { expires max; include $dir/headers.conf; }
        # The worker keeps the page for hours without network; its file lies below /app/, the page's addresses do not.
        location = /app/sw.js {
            add_header Service-Worker-Allowed /; add_header Cache-Control no-cache; include $dir/headers.conf;
        }
        location /api/ { include $dir/php.conf; }
        # Of load balancers and operators (docs/operations.md).
        location ~ ^/(up|ready|metrics)\$ { include $dir/php.conf; }
        location @too-large {
            internal; default_type application/problem+json; include $dir/headers.conf;
            return 413 '{"type":"/problems/too-large","status":413,"errors":[],
                "detail":"This is larger than Pasada takes at a time. Nothing of it was kept; send less."}';
        }
        location @away {
            internal; default_type application/problem+json; add_header Retry-After 5 always; include $dir/headers.conf;
            ${BALANCED:+if (!-e $dir/fpm.pid) { return 502; \}}
            return 503 '{"type":"/problems/unavailable","status":503,"errors":[],"request_id":"\$request_id",
                "detail":"Pasada is starting or busy. Nothing of this request was kept; try again in a few seconds."}';
        }
        location ~ \.php\$ { return 404; }
        location / { try_files \$uri /app/index.html; }
        location = /app/index.html { add_header Cache-Control no-cache; include $dir/headers.conf; }
    }
}
END
}

serve() { # name port database [workers]
    local name=$1 port=$2 database=$3 dir=$RUN/$1 running=''
    is_port "$port" || die "\"$port\" is no port" "choose a number from 1024 to 65535"
    if alive "$dir/nginx.pid" && alive "$dir/fpm.pid" && [ "$(remembered_port "$name")" = "$port" ]; then
        running=1
    else
        unserve "$name"
        port_taken "$port" \
            && die "port $port is taken by another program" \
                "stop it, or choose another: PASADA_PORT=$(free_port "$port" "$DB_PORT") ./pasada up"
    fi
    rm -rf "$dir/conf.d"; mkdir -p "$dir/tmp" "$dir/conf.d"
    write_fpm_config "$name" "$database" "${4:-${PASADA_WORKERS:-6}}"
    write_nginx_config "$name" "$port"
    # The coverage driver that the tests install slows every request even when it is off: the server goes without it.
    find /etc/php/8.2/fpm/conf.d -name '*.ini' ! -name '*pcov*' -exec cp -L {} "$dir/conf.d/" \; 2>/dev/null
    give_account "$dir"
    (instance_env "$name" "$database"; cache_settings)
    # Running already: the settings just written are taken over without a pause.
    if [ -n "$running" ]; then
        kill -HUP "$(cat "$dir/nginx.pid")"
        # Preloaded classes stay until the master goes: it is started anew, which takes a second.
        stop_pid "$dir/fpm.pid" QUIT
    fi
    (instance_env "$name" "$database"; as_account php bootstrap/preload-list.php >"$dir/preload.list" 2>/dev/null) \
        || : >"$dir/preload.list"
    give_account "$dir"
    # Shared memory is laid out when the master starts, so a pool cannot set these.
    as_account env PASADA_PRELOAD="$dir/preload.list" PHP_INI_SCAN_DIR="$dir/conf.d" php-fpm8.2 \
        -d opcache.enable=1 -d opcache.memory_consumption=160 \
        -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=20000 \
        -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
        -d opcache.preload="$ROOT/bootstrap/preload.php" --fpm-config "$dir/fpm.conf" >"$VAR/log/fpm-start.log" 2>&1 \
        || die "php-fpm did not start (var/log/fpm-start.log)" "read its last lines"
    [ -n "$running" ] || as_account /usr/sbin/nginx -c "$dir/nginx.conf" -e "$VAR/log/nginx-$name.log" \
        2>"$VAR/log/nginx-start.log" \
        || die "nginx did not start (var/log/nginx-start.log)" "read its last lines"
    remember_port "$name" "$port"
}
unserve() { # name
    stop_pid "$RUN/$1/nginx.pid" QUIT; stop_pid "$RUN/$1/fpm.pid" QUIT
    stop_orphans "$VAR/log/nginx-$1.log"; stop_pool "$1"
}
# Kept settings of an older Pasada are not read for making the new ones.
cache_settings() {
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE"
    { as_account php artisan config:cache && as_account php artisan route:cache; } >"$VAR/log/artisan.log" 2>&1 \
        || die "the settings could not be cached (var/log/artisan.log)" "read its last lines"
}

# Who hears sound, one job after the other: what is said just now has a worker of its own, and whole walks never take
# the processor from it. A worker that ends or dies is started anew; what it was at is taken up again. One that ends at
# once, since the database is away, is given a while. One whose loop is killed ends with it. Of two that are started at
# the same moment, by ./pasada up and by the watcher, the one that holds the lock goes on; nobody would ever stop the
# other.
# shellcheck disable=SC2016 # expanded by the shell that is started
RUN_WORKER=': worker; exec 8>"$1.lock"; flock -n 8 || exit 0
    echo $$ >"$1"; trap "kill \$worker; exit" TERM
    while true; do
        began=$SECONDS
        setpriv --pdeathsig TERM "${@:2}" 8>&- & worker=$!; wait $worker
        [ $((SECONDS - began)) -ge 5 ] || { sleep 4 8>&- & wait $!; }
    done'
start_workers() {
    local queue
    for queue in live default; do
        ! alive "$RUN/worker-$queue.pid" || continue
        # shellcheck disable=SC2016 # expanded by the shell that is started
        (instance_env app "$(env_value DB_DATABASE)"
            # shellcheck disable=SC2046 # none, or two words
            as_account setsid nice -n "$([ "$queue" = live ] && echo 5 || echo 15)" bash -c "$RUN_WORKER" _ \
                "$RUN/worker-$queue.pid" php -d pcov.enabled=0 -d opcache.enable_cli=1 -d opcache.jit=tracing \
                -d opcache.jit_buffer_size=64M $(silence '-d ' '') artisan pasada:work "$queue" &
        ) >>"$VAR/log/worker-$queue.log" 2>&1 </dev/null 9>&-
    done
}
stop_workers() { stop_pid "$RUN/worker-live.pid"; stop_pid "$RUN/worker-default.pid"; }

# What is done at its time, as the note of the trail every night: started once, and found again by its log. Nothing of
# whoever starts it stays open, or a pipe behind ./pasada up would wait for good.
watch_over() {
    ! alive "$RUN/schedule.pid" || return 0
    # shellcheck disable=SC2016 # expanded by the shell that is started
    (instance_env app "$(env_value DB_DATABASE)"
        as_account setsid bash -c 'exec 8>"$1.lock"; flock -n 8 || exit 0; echo $$ >"$1"
            exec php artisan schedule:work' _ "$RUN/schedule.pid" &
    ) >>"$VAR/log/schedule.log" 2>&1 </dev/null 9>&-
}
