# What bin/start and bin/test share. Sourced, never run.
# shellcheck shell=bash

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
# Everything that changes at run time lives here; a second instance gets a place of its own.
VAR=${KADDLE_VAR:-$ROOT/var}
export KADDLE_VAR=$VAR COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

# The ways out of compiled code are counted, and the usual 8192 are used up before all that reckons has been
# compiled: a picture took 142 to 172 ms instead of 90 (docs/speed.md).
JIT=(-d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.jit_max_exit_counters=131072 -d opcache.jit_max_root_traces=16384)

say() { printf "%s\n" "$@"; }
die() { printf 'kaddle: %s\n' "$*" >&2; exit 1; }
is_root() { [ "$(id -u)" = 0 ]; }

# take_lock SENTENCE: one thing at a time with the data of one place. The lock goes with
# this process, however it ends, so it can never be stale; one that is being killed just now may take a moment.
take_lock() {
    exec 9>"$VAR/run/lock"
    flock -w 2 9 || die "$1"
}

# --- what the machine must have -------------------------------------------------

# Prints the Debian packages that are missing for running ($1 = run) or testing ($1 = test).
missing_packages() {
    local extensions missing=()
    command -v php-fpm8.2 >/dev/null || [ -x /usr/sbin/php-fpm8.2 ] || missing+=(php8.2-fpm)
    command -v php8.2 >/dev/null || missing+=(php8.2-cli)
    extensions=$(php8.2 -m 2>/dev/null | tr '[:upper:]' '[:lower:]' || true)
    grep -q '^pdo_pgsql$' <<<"$extensions" || missing+=(php8.2-pgsql)
    grep -q '^mbstring$' <<<"$extensions" || missing+=(php8.2-mbstring)
    grep -q '^dom$' <<<"$extensions" || missing+=(php8.2-xml)
    grep -q '^curl$' <<<"$extensions" || missing+=(php8.2-curl)
    grep -q '^zip$' <<<"$extensions" || missing+=(php8.2-zip)
    grep -q '^zend opcache$' <<<"$extensions" || missing+=(php8.2-opcache)
    grep -q '^apcu$' <<<"$extensions" || missing+=(php8.2-apcu)
    command -v unzip >/dev/null || missing+=(unzip)
    [ -s /etc/ssl/certs/ca-certificates.crt ] || missing+=(ca-certificates)
    command -v composer >/dev/null || missing+=(composer)
    [ -x /usr/sbin/nginx ] || command -v nginx >/dev/null || missing+=(nginx-light)
    [ -x /usr/lib/postgresql/15/bin/postgres ] || missing+=(postgresql-15)
    if [ "$1" = test ]; then
        [ -x /usr/bin/chromium-headless-shell ] || missing+=(chromium-headless-shell)
        command -v pgrep >/dev/null || missing+=(procps)
    fi
    printf '%s ' "${missing[@]}"
}

# Installs what is missing as root; tells anybody else the one line to run.
need_packages() {
    local missing
    missing=$(missing_packages "$1")
    [ -z "${missing// /}" ] && return
    [ -r /etc/debian_version ] || die "this machine lacks ${missing% }; the names are Debian's."
    is_root || die "some packages are missing. Run this once, then start again:
  sudo apt-get update && sudo apt-get install -y ${missing% }"
    say "Installing ${missing% } …"
    mkdir -p "$VAR/log"
    # Fresh services of the packages must not open ports of their own.
    local policy=/usr/sbin/policy-rc.d made=
    [ -e $policy ] || { printf '#!/bin/sh\nexit 101\n' >$policy; chmod +x $policy; made=yes; }
    # shellcheck disable=SC2086
    if ! { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing; } >"$VAR/log/apt.log" 2>&1; then
        [ -z "$made" ] || rm -f $policy
        die "the packages could not be installed; see $VAR/log/apt.log."
    fi
    [ -z "$made" ] || rm -f $policy
    missing=$(missing_packages "$1")
    [ -z "${missing// /}" ] || die "still missing after the installation: ${missing% }; see $VAR/log/apt.log."
}

need_node() {
    local version major minor
    command -v node >/dev/null && command -v npm >/dev/null || die 'Node.js 20.19 or newer with npm is needed and was not found. Install it and start again.'
    version=$(node --version); version=${version#v}
    major=${version%%.*}; minor=${version#*.}; minor=${minor%%.*}
    [ "$major" -gt 20 ] || { [ "$major" = 20 ] && [ "$minor" -ge 19 ]; } || die "Node.js 20.19 or newer is needed; this is $version."
}

# --- what is built from the sources ---------------------------------------------

fingerprint() { (cd "$ROOT" && find "$@" -type f -print0 | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1); }

# once STAMP FINGERPRINT LOG COMMAND…: runs the command unless it has already run to
# its end for this fingerprint. A half-finished run leaves no stamp and is done again.
once() {
    local stamp=$1 print=$2 log=$3
    shift 3
    [ "$(cat "$stamp" 2>/dev/null)" = "$print" ] && return
    rm -f "$stamp"
    mkdir -p "$VAR/log"
    "$@" >"$VAR/log/$log" 2>&1 || { tail -n 20 "$VAR/log/$log" >&2; die "“$*” failed; all of it is in $VAR/log/$log."; }
    printf '%s\n' "$print" >"$stamp"
}

# Some packages come with rights for their owner only; the web server's account must read them too.
# What others ask for is fixed too: dependencies.json names every package with version and content.
composer_update() {
    local with
    mapfile -t with < <(php8.2 "$ROOT/bin/lib/pins.php" with "$2")
    composer --working-dir="$1" update --prefer-dist --no-progress "${with[@]}" && chmod -R a+rX "$1/vendor"
}

build_php() {
    mkdir -p "$VAR/bootstrap" "$VAR/storage"/{app,logs,framework/{cache/data,sessions,views}}
    say 'PHP libraries …'
    once "$ROOT/vendor/.stamp" "$(fingerprint composer.json core/composer.json dependencies.json)" composer.log composer_update "$ROOT" application
}

build_core() {
    say 'PHP libraries of the core …'
    once "$ROOT/core/vendor/.stamp" "$(fingerprint core/composer.json dependencies.json)" composer-core.log composer_update "$ROOT/core" core
}

build_page() {
    say 'JavaScript libraries …'
    once "$ROOT/node_modules/.stamp" "$(fingerprint package.json package-lock.json)" npm.log npm --prefix "$ROOT" ci --no-audit --no-fund
    say 'The page …'
    once "$ROOT/public/build/.stamp" "$(fingerprint package-lock.json vite.config.ts tsconfig.json resources)" build.log npm --prefix "$ROOT" run build
}

# --- ports -----------------------------------------------------------------------

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port=$1
    while port_taken "$port"; do
        port=$((port + 1))
        [ "$port" -lt 65535 ] || die 'no free port was found.'
    done
    printf '%s\n' "$port"
}

# --- the database ------------------------------------------------------------------

PG_BIN=/usr/lib/postgresql/15/bin

# PostgreSQL refuses to run as root, so root lends it to the postgres account.
as_pg() { if is_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

# The cluster lives in var/pg; below a folder that the postgres account may not enter
# (/root, say) it cannot, and goes to a place of its own under /var/lib.
find_cluster() {
    mkdir -p "$VAR"
    PG_HOME=$VAR/pg
    if is_root && ! runuser -u postgres -- test -x "$VAR"; then
        PG_HOME=/var/lib/kaddle/$(printf '%s' "$VAR" | sha256sum | cut -c1-12)
        install -d -m 755 /var/lib/kaddle
    fi
    PG_DATA=$PG_HOME/data
    mkdir -p "$PG_HOME"
    ! is_root || chown postgres: "$PG_HOME"
    chmod 700 "$PG_HOME"
}

make_cluster() {
    as_pg test -f "$PG_DATA/PG_VERSION" && return
    say 'A database cluster …'
    as_pg rm -rf "$PG_DATA.new"
    [ -s "$VAR/db-password" ] || (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=' >"$VAR/db-password")
    as_pg sh -c "umask 077; cat >'$PG_HOME/pw'" <"$VAR/db-password"
    as_pg "$PG_BIN/initdb" -D "$PG_DATA.new" -U kaddle -E UTF8 --locale=C.UTF-8 -A scram-sha-256 --pwfile="$PG_HOME/pw" >"$VAR/log/initdb.log" 2>&1 \
        || die "the database cluster could not be made; see $VAR/log/initdb.log."
    as_pg rm -f "$PG_HOME/pw"
    # Only a finished cluster gets the name that later starts look for.
    as_pg mv "$PG_DATA.new" "$PG_DATA"
}

# Prints the state letter of the cluster's first process as the kernel sees it; nothing where it is gone.
postmaster_state() {
    local pid line
    pid=$(as_pg head -n 1 "$PG_DATA/postmaster.pid" 2>/dev/null) || return 0
    { read -r line <"/proc/$pid/stat"; } 2>/dev/null || return 0
    if [[ $line == *"(postgres) "* ]]; then printf '%s' "${line#*\(postgres\) }" | cut -c1; fi
}

# A cluster that an earlier start could not stop (power cut, kill -9) is put in order first.
# Its first process may be dead and not yet buried, which PostgreSQL takes for alive: then
# nothing of it may be left at work in its folder before its mark is taken away.
settle_cluster() {
    local try
    case $(postmaster_state) in
        '') ;;
        Z)
            for ((try = 0; try < 50; try++)); do
                find /proc/[0-9]*/cwd -maxdepth 0 -lname "$PG_DATA" 2>/dev/null | grep -q . || break
                sleep 0.2
            done
            [ "$try" -lt 50 ] || die "parts of a killed database are still at work in $PG_DATA."
            as_pg rm -f "$PG_DATA/postmaster.pid"
            ;;
        *) as_pg "$PG_BIN/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null || die "the database of an earlier start does not end; see $PG_HOME/server.log." ;;
    esac
}

# start_database NAME [SETTING…]: starts the cluster on a free port of the loopback and
# makes sure that the database exists. Sets PG_PORT.
start_database() {
    local name=$1 options port try
    shift
    mkdir -p "$VAR/log" "$VAR/run"
    find_cluster
    make_cluster
    # One that comes back keeps its port: that is where everybody looks for it.
    port=${PG_PORT:-}
    options="-c listen_addresses=127.0.0.1 -c unix_socket_directories=''"
    for setting in "$@"; do options+=" -c $setting"; done
    # Right after a kill its processes may still be about to notice, and hold the memory that they shared.
    for ((try = 0; ; try++)); do
        settle_cluster
        PG_PORT=${port:-$(free_port "${KADDLE_PG_PORT:-15432}")}
        as_pg "$PG_BIN/pg_ctl" -D "$PG_DATA" -l "$PG_HOME/server.log" -o "-p $PG_PORT $options" -w -t 60 start >/dev/null 2>&1 9>&- && break
        [ "$try" -lt 20 ] || die "the database did not start; see $PG_HOME/server.log."
        sleep 0.5
    done
    use_password
    psql_main() { psql -h 127.0.0.1 -p "$PG_PORT" -U kaddle -d postgres -qtA -v ON_ERROR_STOP=1 "$@"; }
    [ "$(psql_main -c "select 1 from pg_database where datname = '$name'")" = 1 ] || psql_main -c "create database $name"
}

use_password() {
    export PGPASSWORD
    PGPASSWORD=$(cat "$VAR/db-password")
}

stop_database() {
    [ -n "${PG_DATA:-}" ] || return 0
    as_pg "$PG_BIN/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1 || true
}

# Grows whenever backups of before cannot be put back any more.
BACKUP_FORMAT=1

# setting NAME: prints what the settings say of it.
setting() { sed -n "s/^$1=//p" "$VAR/.env" 2>/dev/null; }

# write_settings DATABASE URL: the application's settings; the key is made once and kept.
write_settings() {
    local key
    key=$(setting APP_KEY || true)
    [ -n "$key" ] || key=base64:$(head -c 32 /dev/urandom | base64)
    (umask 077 && cat >"$VAR/.env.new" <<EOF
APP_ENV=${KADDLE_ENV:-production}
APP_DEBUG=false
APP_KEY=$key
APP_URL=$2
LOG_CHANNEL=single
LOG_LEVEL=info
DB_CONNECTION=pgsql
DB_HOST=127.0.0.1
DB_PORT=$PG_PORT
DB_DATABASE=$1
DB_USERNAME=kaddle
DB_PASSWORD=$(cat "$VAR/db-password")
CACHE_STORE=file
MAIL_MAILER=log
MAIL_LOG_CHANNEL=mail
MAIL_FROM_ADDRESS=kaddle@localhost
MAIL_FROM_NAME=Kaddle
EOF
    )
    mv "$VAR/.env.new" "$VAR/.env"
}

artisan() { php8.2 "$ROOT/artisan" "$@"; }
