# shellcheck shell=bash
# Places, ports, processes and words that every part of ./pasada shares. Sourced, never run.

# Students' records and the keys to them lie below var/: it is nobody's business who else has an account here.
umask 077
VAR=$ROOT/var
RUN=$VAR/run
# Tells this checkout's processes and files from those of any other on the machine.
CHECKOUT=$(printf '%s' "$ROOT" | sha256sum | cut -c1-10)
# Whom nginx, php-fpm and MariaDB belong to where ./pasada is run as root.
ACCOUNT=pasada-server

STARTED=$SECONDS
step() { printf '\033[1m·\033[0m %-46s' "$1"; }
done_() { printf ' done\n'; }
die() {
    printf '\n\033[1mPasada stopped:\033[0m %s\n' "$1" >&2
    [ -n "${2:-}" ] && printf '  What to do: %s\n' "$2" >&2
    exit 1
}

is_root() { [ "$(id -u)" -eq 0 ]; }
# Runs a command as whoever the servers run as: what they have to write must be theirs.
as_account() { # a server that it starts must not hold the lock of the tests
    if is_root; then
        setpriv --reuid="$ACCOUNT" --regid="$ACCOUNT" --init-groups env HOME="$VAR" "$@" 9>&-
    else
        "$@" 9>&-
    fi
}
give_account() { ! is_root || chown -R "$ACCOUNT:$ACCOUNT" "$1"; }
account() { if is_root; then echo "$ACCOUNT"; else id -un; fi; }

# ---------------------------------------------------------------- ports, remembered below var/

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
remembered_port() { cat "$VAR/ports/$1" 2>/dev/null || true; }
remember_port() { mkdir -p "$VAR/ports"; echo "$2" >"$VAR/ports/$1"; }
# The servers do not run as root, so they get no port below 1024; a proxy in front may have one.
is_port() { [[ $1 =~ ^[0-9]{1,5}$ ]] && [ "$1" -ge 1024 ] && [ "$1" -le 65535 ]; }
# The first port from here on that nobody listens on and that is not among those named behind it.
free_port() {
    local port=$1 avoided; shift
    for (( ; port <= 65535; port++)); do
        for avoided in "$@"; do [ "$port" != "$avoided" ] || continue 2; done
        port_taken "$port" || { echo "$port"; return 0; }
    done
    die "no free port was found on 127.0.0.1" "stop some other program and run again"
}

# ---------------------------------------------------------------- processes of this checkout, and no others

# Ours are those that were started with this checkout's folder in their command line, or that hold one of its log files
# open: a worker whose master was killed has no folder in its title.
is_ours() { # pid
    local command files
    command=$({ tr '\0' ' ' <"/proc/$1/cmdline"; } 2>/dev/null) || return 1
    local ours='^(nginx:|php-fpm:|[^ ]*mariadbd |redis-server |php artisan schedule:work|bash -c : worker|'
    # The second is how a worker was called up to 0.13.
    ours+='bash -c while sleep|bash [^ ]*/pasada watch)'
    [[ $command =~ $ours ]] || return 1
    [[ $command == *"$RUN/"* ]] && return 0
    files=$(find "/proc/$1/fd" -lname "$VAR/log/*" 2>/dev/null) || true
    [ -n "$files" ]
}
# A number alone proves nothing: after a crash it may be some other program's.
alive() { [ -f "$1" ] && is_ours "$(cat "$1" 2>/dev/null)"; }
stop_pid() { # pid file [signal]: what is under way is finished first where the signal asks for that
    [ -f "$1" ] || return 0
    local pid i; pid=$(cat "$1")
    if alive "$1"; then
        kill -s "${2:-TERM}" "$pid" 2>/dev/null || true
        # One that has ended and that nobody has waited for has no command line any more.
        for i in $(seq 1 150); do is_ours "$pid" || break; sleep 0.1; done
        [ "$i" -lt 150 ] || { ! is_ours "$pid" || kill -9 "$pid" 2>/dev/null || true; }
    fi
    rm -f "$1"
}
# Workers that outlived their master hold its port.
stop_orphans() { # log file that they hold open
    local fd pid
    while read -r fd; do
        pid=${fd#/proc/}; pid=${pid%%/*}
        ! is_ours "$pid" || kill -9 "$pid" 2>/dev/null || true
    done < <(find /proc/[0-9]*/fd -lname "$1" 2>/dev/null)
}
