# shellcheck shell=bash
# ./pasada test: what needs no browser in two rows side by side, then the browser tests in lanes with a Pasada each.

LANES=${PASADA_LANES:-2}
REPORT=$VAR/log/test

hold_the_tests() { # two runs in one checkout would empty each other's tables
    exec 9>"$RUN/test.lock"
    flock -n 9 || die "a test run goes on in this checkout already" "wait for it, or end it with Ctrl-C where it runs"
}

prepare_tests() {
    prepare "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"
    hold_the_tests
    alive "$RUN/mysql.pid" || STOP_DATABASE=1
    node_alive db1 || STOP_CLUSTER=1
    trap 'exit 130' INT TERM
    trap after_tests EXIT
    database_up
}
after_tests() {
    local lane
    trap - INT TERM EXIT
    end_children $$
    pkill -KILL -f -- "$VAR/profiles/" 2>/dev/null || true
    rm -rf "$VAR/profiles"
    for lane in $(seq 1 "$LANES"); do unserve "lane$lane"; done
    unserve school
    [ -z "${STOP_CLUSTER:-}" ] || cluster_down >/dev/null
    [ -z "${STOP_DATABASE:-}" ] || database_down
}

end_children() { # of a process, and theirs
    local child
    for child in $(pgrep -P "$1"); do end_children "$child"; kill "$child" 2>/dev/null || true; done
}

# ---------------------------------------------------------------- jobs, two at a time

declare -A JOB_TITLES=() JOB_STARTED=()
FAILED=()
job() { # title command...
    local title=$1; shift
    [ "${#JOB_TITLES[@]}" -lt 2 ] || finish_a_job
    "$@" >"$REPORT/$title.log" 2>&1 9>&- &
    JOB_TITLES[$!]=$title; JOB_STARTED[$!]=$SECONDS
}
finish_a_job() {
    local pid code=0
    wait -n -p pid "${!JOB_TITLES[@]}" || code=$?
    tell "${JOB_TITLES[$pid]}" "$code" "${JOB_STARTED[$pid]}"
    unset "JOB_TITLES[$pid]" "JOB_STARTED[$pid]"
}
finish_jobs() { while [ "${#JOB_TITLES[@]}" -gt 0 ]; do finish_a_job; done; }
tell() { # title exit-code started: the whole report of what failed, the last line of what did not
    local last
    last=$(grep -E 'Tests:|No errors|files' "$REPORT/$1.log" | tail -n 1 | sed 's/\x1b\[[0-9;]*m//g; s/^ *//' || true)
    if [ "$2" -eq 0 ]; then printf '\033[1m✓\033[0m %-16s %4s s  %s\n' "$1" "$((SECONDS - $3))" "$last"; return; fi
    printf '\n\033[1m== %s failed\033[0m\n' "$1"; cat "$REPORT/$1.log"; FAILED+=("$1")
}

pest() { php -d pcov.enabled=0 vendor/bin/pest "$@"; }
suite() { # name options...; files named among the options take the place of the whole suite
    local name=$1; shift
    case " $* " in *.php*) pest "$@" ;; *) pest --testsuite="$name" "$@" ;; esac
}
core_tests() { suite Core "$@"; }
feature_tests() {
    artisan pasada_test migrate:fresh --force >"$VAR/log/migrate.log" 2>&1 || { cat "$VAR/log/migrate.log"; return 1; }
    suite Feature "$@"
}
front_tests() { npx vitest run "$@"; }
no_long_lines() { # code is read side by side
    local long
    long=$(LC_ALL=C.UTF-8 grep -rnP --include='*.php' --include='*.ts' --include='*.vue' --include='*.css' \
        --exclude='schema.d.ts' --exclude-dir=cache '^.{121,}$' \
        app bench bootstrap compat config core database lang resources routes tests || true)
    long+=$(LC_ALL=C.UTF-8 grep -nP '^.{121,}$' pasada scripts/*.sh || true)
    [ -n "$long" ] || return 0
    printf '%s\n' "$long" | cut -c1-180
    echo 'A line has at most 120 characters.'
    return 1
}
static_checks() {
    job lines no_long_lines
    job shellcheck shellcheck -x pasada
    job phpstan vendor/bin/phpstan analyse --no-progress --memory-limit=1G
    job vue-tsc npx vue-tsc --noEmit --incremental --tsBuildInfoFile "$VAR/cache/vue-tsc.json"
    job eslint npx eslint --cache --cache-location "$VAR/cache/eslint" --cache-strategy content resources/js tests/Front
    job prettier npx prettier --check resources/js tests/Front --log-level warn \
        --cache --cache-location "$VAR/cache/prettier" --cache-strategy content
    # Coverage slows it even where none is asked for, and it computes enough to be worth compiling: a fifth of the time.
    job pint env TMPDIR="$VAR/cache" php -d pcov.enabled=0 -d opcache.enable_cli=1 -d opcache.jit=tracing \
        -d opcache.jit_buffer_size=64M vendor/bin/pint --test
}

# ---------------------------------------------------------------- the browser tests

lanes_up() { # a Pasada with fresh demo data for each lane
    local lane port=$((BROWSER_PORT - 1)) avoided=("$PORT" "$DB_PORT")
    for lane in $(seq 1 "$LANES"); do
        sql -e "DROP DATABASE IF EXISTS pasada_lane$lane; CREATE DATABASE pasada_lane$lane"
        unserve "lane$lane"
    done
    for lane in $(seq 1 "$LANES"); do
        artisan "pasada_lane$lane" migrate --force >"$VAR/log/lane$lane.log" 2>&1 \
            || die "the browser tests' tables could not be laid out (var/log/lane$lane.log)" "read its last lines"
    done
    artisan pasada_lane1 pasada:demo >"$VAR/log/lane1.log" 2>&1 \
        || die "the browser tests' data could not be loaded (var/log/lane1.log)" "read its last lines"
    for lane in $(seq 2 "$LANES"); do copy_database pasada_lane1 "pasada_lane$lane"; done
    for lane in $(seq 1 "$LANES"); do
        port=$(free_port "$((port + 1))" "${avoided[@]}")
        serve "lane$lane" "$port" "pasada_lane$lane" "${LANE_WORKERS:-3}"
    done
    # One more, in which nothing is yet: a school begins in it.
    sql -e "DROP DATABASE IF EXISTS pasada_school; CREATE DATABASE pasada_school"
    unserve school; migrate pasada_school
    serve school "$(free_port "$((port + 1))" "${avoided[@]}")" pasada_school 2
    export PASADA_SCHOOL_URL; PASADA_SCHOOL_URL=http://127.0.0.1:$(remembered_port school)
}
copy_database() { # from to: the rows of one set of tables into another set of the same shape
    sql -e "SET SESSION group_concat_max_len = 100000;
        SELECT CONCAT('REPLACE INTO $2.', table_name, ' (', columns, ') SELECT ', columns, ' FROM $1.', table_name, ';')
        FROM (
            SELECT c.table_name, GROUP_CONCAT(CONCAT('\`', c.column_name, '\`')) AS columns
            FROM information_schema.columns c
            WHERE c.table_schema = '$1' AND c.table_name <> 'migrations' AND c.is_generated = 'NEVER'
            GROUP BY c.table_name) AS tables_of" \
        | { echo 'SET foreign_key_checks = 0;'; cat; } | sql
}
lane_addresses() {
    local lane
    for lane in $(seq 1 "$LANES"); do printf 'http://127.0.0.1:%s ' "$(remembered_port "lane$lane")"; done
}

browser_tests() {
    lanes_up
    export PASADA_BROWSER_URLS PASADA_PROFILES=$VAR/profiles
    PASADA_BROWSER_URLS=$(lane_addresses)
    mkdir -p "$PASADA_PROFILES"
    local ok=0
    mkdir -p "$REPORT"; rm -f "$REPORT/browser.xml"
    case " $* " in *.php*) pest "$@"; return ;; esac
    suite Browser --parallel --processes="$LANES" --log-junit "$REPORT/browser.xml" "$@" || ok=1
    [ $ok -eq 0 ] || php tests/Support/once-more.php "$REPORT/browser.xml"
}

# Servers are killed and started again in it; a cluster that was up before stays up.
cluster_tests() { suite Cluster "$@"; }

run_tests() {
    mkdir -p "$REPORT" "$VAR/cache"
    case ${1:-} in
        core) shift; dependencies; core_tests "$@"; return ;;
        front) shift; dependencies; front_tests "$@"; return ;;
        feature) shift; prepare_tests; feature_tests "$@"; return ;;
        browser) shift; prepare_tests; build_front; browser_tests "$@"; return ;;
        cluster) shift; prepare_tests; cluster_up; cluster_tests "$@"; return ;;
        webkit) shift; prepare "${WEBKIT_PACKAGES[@]}"; LANES=1; prepare_tests; build_front; lanes_up
            PASADA_BROWSER_URLS=$(lane_addresses) suite WebKit "$@"; return ;;
        '') ;;
        *) die "there is no test suite '$1'" \
            "./pasada test [core | feature | front | browser | cluster | webkit] [options of Pest or Vitest]" ;;
    esac
    prepare_tests
    # The longest first, so that both rows end together.
    job feature feature_tests
    job core core_tests
    job build build_front
    job front front_tests
    static_checks
    finish_jobs
    local from=$SECONDS code=0
    # In the background and waited for, so that Ctrl-C is heard at once.
    browser_tests > >(tee "$REPORT/browser.log") 2>&1 9>&- & wait $! || code=$?
    tell browser "$code" "$from"
    from=$SECONDS code=0
    { cluster_up && cluster_tests; } > >(tee "$REPORT/cluster.log") 2>&1 9>&- & wait $! || code=$?
    tell cluster "$code" "$from"
    if [ ${#FAILED[@]} -gt 0 ]; then
        printf '\nFAILED after %s s: %s\n' "$((SECONDS - STARTED))" "${FAILED[*]}"
        exit 1
    fi
    printf '\nAll green after %s s.\n' "$((SECONDS - STARTED))"
}

# ---------------------------------------------------------------- measuring and looking

# Measuring asks one thing more often in a minute than any page does.
one_lane() {
    LANES=1 LANE_WORKERS=${PASADA_WORKERS:-6} # as many as ./pasada up has, for what is measured
    export PASADA_REQUESTS_PER_MINUTE=1000000
    prepare_tests; build_front; lanes_up
    export PASADA_BROWSER_URLS PASADA_PROFILES=$VAR/profiles
    PASADA_BROWSER_URLS=$(lane_addresses)
    mkdir -p "$PASADA_PROFILES"
}
shot() { one_lane; php tests/Support/shot.php "$@"; }
# Mutation testing of the rules; slow, so not part of ./pasada test. --minutes=M ends it; run again, it goes on.
mutate() {
    prepare_tests
    local code=0
    php -d pcov.enabled=0 -d opcache.enable_cli=1 bench/mutate.php "$@" >/dev/null || code=$?
    [ "$code" = 2 ] || cat "$VAR/mutate/report.txt"
    return "$code"
}
# Or: bench load [walks] [seconds] [gathered]; bench fuzz [requests] [seed]; bench cab; bench people; bench slow-line;
# bench listening; bench listening-people; bench listen-speed;
# bench train-listener [seed]; bench brakes; bench second [walks] [seed]; bench readiness [seed];
# bench drills [seed]; bench yard; bench school [students] [attempts]; bench export [attempts];
# bench speech [sentences]; bench cluster [walks] [seconds];
# bench size [schools] [students] [attempts each]; bench kill [rounds].
bench() {
    local what=run
    case ${1:-} in
        cluster)
            what=$1; shift
            export PASADA_CLUSTER_URL PASADA_REQUESTS_PER_MINUTE=1000000
            prepare "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"; cluster_up
            PASADA_CLUSTER_URL=http://127.0.0.1:$(cluster_port front) ;;
        listening | listening-people | listen-speed | train-listener | brakes | second | readiness | \
            drills | yard | school | speech)
            what=$1; shift
            prepare "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}" ;;
        kill)
            what=$1; shift
            prepare "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"; up >/dev/null ;;
        load | cab | fuzz | size | people | slow-line | export | recording)
            what=$1; shift; one_lane; export DB_DATABASE=pasada_lane1 ;;
        *) one_lane ;;
    esac
    php -d pcov.enabled=0 -d opcache.enable_cli=1 \
        -d opcache.jit=tracing -d opcache.jit_buffer_size=64M "bench/$what.php" "$@"
}
