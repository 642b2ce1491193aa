# The servers that bin/start runs: how they are set up, started, found again and looked after.
# Sourced after common.sh, never run. Wants VAR, ROOT, PORT and URL.
# shellcheck shell=bash

NGINX=$(command -v nginx || echo /usr/sbin/nginx)
FPM=$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)

# --- processes ---------------------------------------------------------------------

declare -A SERVERS=()

boot_id() { cat /proc/sys/kernel/random/boot_id; }

# serve NAME COMMAND…: starts a server in a session of its own, where the next start finds it.
serve() {
    local name=$1
    shift
    setsid "$@" >>"$VAR/log/$name.log" 2>&1 9>&- &
    SERVERS[$name]=$!
    printf '%s %s\n' "$!" "$(boot_id)" >"$VAR/run/$name.session"
}

# members SESSION: prints the servers and workers of that session that still run.
members() {
    local stat line pid name fields
    for stat in /proc/[0-9]*/stat; do
        { read -r line <"$stat"; } 2>/dev/null || continue
        pid=${line%% *}
        name=${line#*\(}
        name=${name%\)*}
        read -ra fields <<<"${line##*\) }"
        if [ "${fields[0]}" != Z ] && [ "${fields[3]}" = "$1" ] && [[ $name =~ ^(nginx|php8\.2|php-fpm8\.2|runuser|nice)$ ]]; then printf '%s ' "$pid"; fi
    done
}

# Ends what is left of an earlier start that was killed before it could stop its servers,
# workers without a master included. After a boot the numbers may be somebody else's.
end_leftovers() {
    local file session boot pids try sockets
    for file in "$VAR"/run/*.session; do
        [ -e "$file" ] || continue
        read -r session boot <"$file" || true
        if [[ ${session:-} =~ ^[0-9]+$ ]] && [ "${boot:-}" = "$(boot_id)" ]; then
            for ((try = 0; try < 60; try++)); do
                pids=$(members "$session")
                [ -n "$pids" ] || break
                # shellcheck disable=SC2086
                kill -"$([ "$try" -lt 25 ] && echo TERM || echo KILL)" $pids 2>/dev/null || true
                sleep 0.1
            done
        fi
        rm -f "$file"
    done
    sockets=$(cat "$VAR/run/sockets" 2>/dev/null || true)
    if [[ $sockets =~ ^/tmp/kaddle\.[A-Za-z0-9]{6}$ ]]; then rm -rf "$sockets"; fi
    rm -f "$VAR/run/sockets"
}

# Root lends the servers to www-data where that account can reach the files.
choose_account() {
    ACCOUNT=$(id -un)
    if is_root && runuser -u www-data -- test -x "$VAR" -a -r "$ROOT/public/index.php"; then ACCOUNT=www-data; fi
    # Sockets want a short path.
    SOCKETS=$(mktemp -d /tmp/kaddle.XXXXXX)
    printf '%s\n' "$SOCKETS" >"$VAR/run/sockets"
    if is_root; then
        chown -R "$ACCOUNT": "$VAR/storage" "$VAR/bootstrap" "$SOCKETS"
        chgrp "$(id -gn "$ACCOUNT")" "$VAR/.env"
    fi
    chmod 640 "$VAR/.env"
}

# Prints how to run a command as that account.
account_prefix() { if is_root && [ "$ACCOUNT" != root ]; then printf 'runuser -u %s -- ' "$ACCOUNT"; fi; }

# --- settings ----------------------------------------------------------------------

# pool NAME WORKERS NICE SECONDS MEMORY BODY: workers for one kind of work, which no other kind can take.
pool() {
    cat <<EOF
[$1]
$(is_root && printf 'user = %s\ngroup = %s\nlisten.owner = %s\nprocess.priority = %s' "$ACCOUNT" "$(id -gn "$ACCOUNT")" "$ACCOUNT" "$3")
listen = $SOCKETS/$1.sock
listen.mode = 0600
listen.backlog = 1024
pm = static
pm.max_children = $2
pm.max_requests = 2000
request_terminate_timeout = $4
clear_env = yes
env[KADDLE_VAR] = $VAR
env[PATH] = /usr/bin:/bin
catch_workers_output = yes
php_admin_value[memory_limit] = $5
php_admin_value[post_max_size] = $6
php_admin_value[max_input_vars] = 200
php_admin_value[max_execution_time] = $4
php_admin_value[file_uploads] = 0
php_admin_value[expose_php] = 0
php_admin_value[output_buffering] = 0
php_admin_value[display_errors] = 0
php_admin_value[error_log] = $VAR/log/php.log
EOF
}

# The door and the lists come first; reckoning and long papers yield to them.
write_fpm() {
    cat >"$VAR/run/fpm.conf" <<EOF
[global]
error_log = $VAR/log/fpm.log
daemonize = no
$(pool door 4 0 30 128M 64K)
$(pool bench 3 5 30 128M 64K)
$(pool papers 2 10 120 512M 17M)
EOF
}

write_nginx() {
    local host=${URL#*://}
    cat >"$VAR/run/nginx.conf" <<EOF
$(is_root && printf 'user %s;' "$ACCOUNT")
worker_processes 1;
worker_rlimit_nofile 8192;
pid $VAR/run/nginx.pid;
error_log $VAR/log/nginx.log;
daemon off;
events { worker_connections 4096; }
http {
    access_log off;
    server_tokens off;
    client_body_temp_path $SOCKETS/body;
    fastcgi_temp_path $SOCKETS/fastcgi;
    proxy_temp_path $SOCKETS/proxy;
    scgi_temp_path $SOCKETS/scgi;
    uwsgi_temp_path $SOCKETS/uwsgi;
    # Whoever connects and says nothing, or next to nothing, is let go.
    client_header_timeout 10s;
    client_body_timeout 10s;
    send_timeout 20s;
    keepalive_timeout 30s;
    reset_timedout_connection on;
    client_max_body_size 64k;
    gzip on;
    gzip_comp_level 6;
    gzip_types text/css application/javascript application/json application/x-ndjson image/svg+xml;
    types {
        text/html html;
        text/css css;
        application/javascript js;
        application/json json;
        image/svg+xml svg;
        image/png png;
        font/woff2 woff2;
    }
    # What the application has not said itself, for files and errors too.
    map \$upstream_http_content_security_policy \$policy { '' "default-src 'none'; frame-ancestors 'none'"; default ''; }
    map \$upstream_http_x_content_type_options \$sniffing { '' nosniff; default ''; }
    map \$upstream_http_x_frame_options \$framing { '' DENY; default ''; }
    map \$upstream_http_referrer_policy \$referrer { '' same-origin; default ''; }
    map \$uri \$keeping { ~^/build/ "public, max-age=31536000, immutable"; ~^/icon "public, max-age=86400"; default ''; }
    add_header Content-Security-Policy \$policy always;
    add_header X-Content-Type-Options \$sniffing always;
    add_header X-Frame-Options \$framing always;
    add_header Referrer-Policy \$referrer always;
    add_header Cache-Control \$keeping;
    fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
    fastcgi_param SCRIPT_NAME /index.php;
    fastcgi_param QUERY_STRING \$query_string;
    fastcgi_param REQUEST_METHOD \$request_method;
    fastcgi_param REQUEST_URI \$request_uri;
    fastcgi_param CONTENT_TYPE \$content_type;
    fastcgi_param CONTENT_LENGTH \$content_length;
    fastcgi_param SERVER_PROTOCOL \$server_protocol;
    fastcgi_param SERVER_NAME \$host;
    fastcgi_param SERVER_PORT \$server_port;
    fastcgi_param SERVER_ADDR \$server_addr;
    fastcgi_param REMOTE_ADDR \$remote_addr;
    fastcgi_read_timeout 130s;
    # Under any other name than its own Kaddle says where it is, and nothing else.
    server {
        listen 127.0.0.1:$PORT default_server backlog=1024;
        default_type application/json;
        return 421 '{"message":"Kaddle is at $URL."}';
    }
    server {
        listen 127.0.0.1:$PORT;
        server_name ${host%%:*};
        root $ROOT/public;
        error_page 413 @too_long;
        error_page 502 504 @busy;
        location @too_long {
            default_type application/json;
            return 413 '{"message":"The request is too long."}';
        }
        location @busy {
            default_type application/json;
            return 503 '{"message":"Kaddle is busy or being started. Try again in a few seconds."}';
        }
        location ~ /\\. { return 404; }
        location /build/ { }
        location = /icon.svg { }
        location / { fastcgi_pass unix:$SOCKETS/door.sock; }
        location ~ (/document|/calendar|\\.csv|^/nights/[0-9]+/(cards|carry|score|paper/[a-z-]+))\$ { fastcgi_pass unix:$SOCKETS/papers.sock; }
        # Answers that somebody waits for are small: pressed a little at once rather than well.
        location ~ ^/(moments/|nights/[0-9]) {
            gzip_comp_level 1;
            fastcgi_pass unix:$SOCKETS/bench.sock;
        }
        location ~ ^/import(/|\$) {
            client_max_body_size 16m;
            fastcgi_pass unix:$SOCKETS/papers.sock;
        }
    }
}
EOF
}

# --- starting and looking after them -------------------------------------------------

start_servers() {
    local root=()
    if is_root && [ "$ACCOUNT" = root ]; then root=(--allow-to-run-as-root); fi
    serve fpm "$FPM" --nodaemonize "${root[@]}" -d opcache.enable=1 -d opcache.memory_consumption=128 \
        -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 "${JIT[@]}" \
        -d opcache.preload="$ROOT/bootstrap/preload.php" -d opcache.preload_user="$ACCOUNT" -y "$VAR/run/fpm.conf"
    serve nginx "$NGINX" -c "$VAR/run/nginx.conf" -e "$VAR/log/nginx.log"
    start_queue
}

# Long imports, one after the other, behind everything that somebody waits for.
start_queue() {
    # shellcheck disable=SC2046
    serve queue nice -n 19 $(account_prefix) php8.2 -d memory_limit=512M -d opcache.enable_cli=1 "${JIT[@]}" \
        "$ROOT/artisan" queue:work --sleep=1 --timeout=600 --max-time=3600 --memory=400 --quiet
}

runs() { kill -0 "${SERVERS[$1]}" 2>/dev/null; }

healthy() {
    php8.2 -r 'exit(@file_get_contents($argv[1], false, stream_context_create(["http" => ["timeout" => 2, "header" => "Host: $argv[2]"]])) === false ? 1 : 0);' \
        "http://127.0.0.1:$PORT/up" "${URL#*://}"
}

wait_until_healthy() {
    local try name
    for ((try = 0; ; try++)); do
        healthy && return
        for name in nginx fpm; do
            runs $name || die "$name ended at once; see $VAR/log/$name.log."
        done
        [ "$try" -lt 100 ] || die "no answer from $URL/up; see the logs in $VAR/log."
        sleep 0.2
    done
}

# The database may end while everything else runs: killed, or out of memory.
revive_database() {
    local try
    # Five times within a minute is no accident.
    REVIVED+=($SECONDS)
    [ "${#REVIVED[@]}" -lt 5 ] || [ $((SECONDS - REVIVED[-5])) -gt 60 ] || die "the database ends again and again; see $PG_HOME/server.log."
    say 'The database has ended. It is being started again.'
    for ((try = 0; try < 20; try++)); do
        if (start_database kaddle) >/dev/null 2>&1; then
            say 'The database is back.'
            return
        fi
        sleep 0.5
    done
    die "the database could not be started again; see $PG_HOME/server.log."
}

# Keeps the newest megabytes of each log, and the ones before once more.
rotate_logs() {
    local log
    for log in "$VAR"/log/*.log "$VAR"/storage/logs/*.log "$PG_HOME"/server.log; do
        if [ -f "$log" ] && [ "$(stat -c %s "$log")" -gt 5000000 ]; then
            cp -p "$log" "$log.1"
            : >"$log"
        fi
    done
}

tidy() {
    rotate_logs
    # shellcheck disable=SC2046
    $(account_prefix) php8.2 "$ROOT/artisan" sweep --quiet >>"$VAR/log/sweep.log" 2>&1 9>&- || true
}

# Looks after everything once a second; what cannot be mended ends all, with a sentence.
watch_over() {
    local name tidied=$SECONDS
    REVIVED=()
    tidy
    while :; do
        for name in nginx fpm; do
            runs $name || die "$name has ended; see $VAR/log/$name.log."
        done
        port_taken "$PG_PORT" || revive_database
        runs queue || start_queue
        if [ $((SECONDS - tidied)) -ge 3600 ]; then
            tidied=$SECONDS
            tidy
        fi
        sleep 1 9>&- &
        wait $! || true
    done
}
