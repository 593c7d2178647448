# Starts and stops the private servers of this instance: MariaDB, php-fpm and nginx, all on loopback, and what works beside them.

# A server of this instance that still runs. Signal 0 also succeeds on zombies, so the state is read; and a number may have gone to
# somebody else's process since, so what was started must name this instance's folder.
alive() { # alive PID-FILE
    local number; number="$(cat "$1" 2>/dev/null)"
    [ -n "$number" ] && [ -r "/proc/$number/stat" ] && ! grep -q ') Z ' "/proc/$number/stat" 2>/dev/null \
        && tr '\0' ' ' <"/proc/$number/cmdline" 2>/dev/null | grep -qF "$STATE/"
}

# Ends what a master that was killed has left behind, and holds its port: the same command, in the session that the master had led.
end_orphans() { # end_orphans PID-FILE COMMAND
    local number stat pid comm session
    number="$(cat "$1" 2>/dev/null)"; [ -n "$number" ] || return 0
    for stat in /proc/[0-9]*/stat; do
        [[ "$(cat "$stat" 2>/dev/null)" =~ ^([0-9]+)\ \((.*)\)\ .\ [0-9]+\ [0-9]+\ ([0-9]+)\  ]] || continue
        pid="${BASH_REMATCH[1]}" comm="${BASH_REMATCH[2]}" session="${BASH_REMATCH[3]}"
        [ "$session" != "$number" ] || [ "$comm" != "$2" ] || kill -TERM "$pid" 2>/dev/null
    done
    rm -f "$1"
    sleep 0.3
}

wait_for() { # wait_for SECONDS WHAT COMMAND…
    local tries=$(($1 * 10)) what="$2"; shift 2
    until "$@" >/dev/null 2>&1; do
        tries=$((tries - 1)); [ $tries -gt 0 ] || die "$what did not come up; see $STATE/log"
        sleep 0.1
    done
}

db_user() { if runuser -u mysql -- test -x "$STATE" 2>/dev/null && runuser -u mysql -- test -x "$ROOT" 2>/dev/null; then echo mysql; \
    else echo root; fi; }
db_root() { mariadb --no-defaults --socket="$RUN/db/mysqld.sock" --user=root "$@"; }

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
need_port() { port_is_free "$1" || die "port $1 is taken by another program. Choose others with $2."; }

# Makes the data folder where there is none.
prepare_database() {
    local user; user="$(db_user)"
    mkdir -p "$RUN/db"; chown "$user" "$RUN/db"
    if [ ! -d "$STATE/mysql/mysql" ]; then
        say "Making a private MariaDB data folder"
        mkdir -p "$STATE/mysql"; chown "$user" "$STATE/mysql"
        mariadb-install-db --no-defaults --user="$user" --datadir="$STATE/mysql" --auth-root-authentication-method=socket \
            --auth-root-socket-user=root >"$STATE/log/mariadb-install.log" 2>&1 \
            || die "the data folder could not be made; see $STATE/log/mariadb-install.log"
    fi
    DATABASE=(mariadbd --no-defaults --user="$user" --datadir="$STATE/mysql" --socket="$RUN/db/mysqld.sock"
        --pid-file="$RUN/db/mariadb.pid" --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --skip-name-resolve
        --innodb-buffer-pool-size="${WHEATEAR_DB_MEMORY:-128M}")
    [ -z "${WHEATEAR_CLUSTER:-}" ] || join_cluster
    # as a service, the application comes in by the socket, as the account it runs as, and the database is on no network at all
    if [ -n "${WHEATEAR_USER:-}" ]; then DATABASE+=(--skip-networking); else DATABASE+=(--port="$DB_PORT" --bind-address=127.0.0.1); fi
}

# One node of a cluster: WHEATEAR_CLUSTER names all of them (host:port,…), WHEATEAR_CLUSTER_HERE this one. The very first is started once
# with WHEATEAR_CLUSTER_NEW=1; a node that comes back fetches what it has missed.
join_cluster() {
    local host="${WHEATEAR_CLUSTER_HERE%:*}" port="${WHEATEAR_CLUSTER_HERE##*:}"
    DATABASE+=(--binlog-format=ROW --innodb-autoinc-lock-mode=2 --wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so
        --wsrep-cluster-name="${WHEATEAR_CLUSTER_NAME:-wheatear}" --wsrep-cluster-address="gcomm://$WHEATEAR_CLUSTER"
        --wsrep-node-name="$INSTANCE" --wsrep-node-address="$host:$port" --wsrep-node-incoming-address="$host:$DB_PORT"
        --wsrep-sst-method=rsync --wsrep-sst-receive-address="$host:$((port + 200))"
        --wsrep-provider-options="base_host=$host;base_port=$port;ist.recv_addr=$host:$((port + 100));gcache.size=128M;\
${WHEATEAR_CLUSTER_OPTIONS:-}")
    [ -z "${WHEATEAR_CLUSTER_NEW:-}" ] || DATABASE+=(--wsrep-new-cluster)
}

start_database() {
    alive "$STATE/mariadb.pid" && return 0
    need_port "$DB_PORT" WHEATEAR_DB_PORT
    prepare_database
    setsid "${DATABASE[@]}" </dev/null >"$STATE/log/mariadb.log" 2>&1 &
    echo $! > "$STATE/mariadb.pid"
    disown
    lock_database
}

# Whether this node and the others see each other, and it has what they have.
is_in_cluster() { [ "$(db_root -Ne "SHOW STATUS LIKE 'wsrep_local_state_comment'" | cut -f2)" = Synced ]; }

# Once it answers: the application's own user, and nobody else.
lock_database() {
    wait_for 60 MariaDB mariadb-admin --no-defaults --socket="$RUN/db/mysqld.sock" --user=root ping
    [ -z "${WHEATEAR_CLUSTER:-}" ] || wait_for 120 "the cluster" is_in_cluster
    if [ -n "${WHEATEAR_USER:-}" ]; then
        db_root -e "CREATE USER IF NOT EXISTS '$WHEATEAR_USER'@'localhost' IDENTIFIED VIA unix_socket"
    else
        db_root -e "CREATE USER IF NOT EXISTS 'wheatear'@'127.0.0.1' IDENTIFIED BY '$(cat "$STATE/db.password")'"
    fi || die "the application's database user could not be made"
    # the socket can be reached by every account of the machine: only the machine's root is the database's root, also in data folders
    # made by earlier versions; no anonymous user, nobody else
    db_root -e "ALTER USER 'root'@'localhost' IDENTIFIED VIA unix_socket; FLUSH PRIVILEGES;
        DELETE FROM mysql.global_priv WHERE User IN ('', 'mysql') OR (User = 'root' AND Host <> 'localhost'); \
            FLUSH PRIVILEGES;" || die "the database's root could not be locked"
}

make_database() {
    local account="'wheatear'@'127.0.0.1'"; [ -z "${WHEATEAR_USER:-}" ] || account="'$WHEATEAR_USER'@'localhost'"
    db_root -e "CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
        GRANT ALL ON \`$1\`.* TO $account;"
}

fpm_pool() { # fpm_pool NAME USER LISTEN WORKERS REQUESTS-OF-EACH
    cat <<POOL
[$1]
user = $2
listen = $3
listen.owner = $2
listen.mode = 0600
pm = static
pm.max_children = $4
pm.max_requests = $5
clear_env = no
catch_workers_output = yes
php_admin_value[error_log] = $STATE/log/php.log
php_admin_flag[display_errors] = off
php_admin_value[upload_max_filesize] = 10M
php_admin_value[post_max_size] = 12M
POOL
}

prepare_fpm() {
    local user; user="$(pool_user)"
    cat > "$STATE/fpm.conf" <<CONF
[global]
pid = $STATE/fpm.pid
error_log = $STATE/log/fpm.log
daemonize = yes
$(fpm_pool wheatear "$user" "127.0.0.1:$FPM_PORT" "${WHEATEAR_WORKERS:-6}" 2000)
; whoever only looks on waits for each other, never for or before somebody who logs
$(fpm_pool watchers "$user" "$RUN/watchers.sock" "${WHEATEAR_WATCHERS:-2}" 5000)
CONF
    FPM=(php-fpm8.2 -y "$STATE/fpm.conf" -d opcache.enable=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M
        -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps="${WHEATEAR_WATCH:-1}"
        -d realpath_cache_size=4M -d expose_php=0)
    [ "$user" = root ] && { FPM+=(-R); say "The tree can only be read by root, so PHP runs as root, on loopback."; }
    return 0
}

start_fpm() {
    alive "$STATE/fpm.pid" && return 0
    end_orphans "$STATE/fpm.pid" php-fpm8.2
    need_port "$FPM_PORT" WHEATEAR_FPM_PORT
    prepare_fpm
    (umask 077; exec "${FPM[@]}") || die "php-fpm did not start; see $STATE/log/fpm.log"
}

prepare_nginx() {
    # written out: Debian's fastcgi_params drops the port from the host name
    cat > "$STATE/php.conf" <<CONF
# a header of its own, though an empty one is not sent, leaves out those of files
add_header X-Content-Type-Options "";
fastcgi_param SCRIPT_NAME /index.php;
fastcgi_param DOCUMENT_ROOT \$document_root;
fastcgi_param REQUEST_METHOD \$request_method;
fastcgi_param REQUEST_URI \$request_uri;
fastcgi_param QUERY_STRING \$query_string;
fastcgi_param CONTENT_TYPE \$content_type;
fastcgi_param CONTENT_LENGTH \$content_length;
fastcgi_param SERVER_PROTOCOL \$server_protocol;
fastcgi_param SERVER_NAME \$host;
fastcgi_param SERVER_PORT \$server_port;
fastcgi_param HTTP_HOST \$http_host;
fastcgi_param REMOTE_ADDR \$remote_addr;
fastcgi_param REMOTE_PORT \$remote_port;
fastcgi_param REQUEST_SCHEME \$scheme;
fastcgi_read_timeout 60s;
# an answer may send back to the longest address that is taken (8k), beside its cookies
fastcgi_buffer_size 32k; fastcgi_buffers 8 32k;
CONF
    cat > "$STATE/nginx.conf" <<CONF
user $(pool_user);
worker_processes 2;
pid $STATE/nginx.pid;
error_log $STATE/log/nginx.log warn;
events { worker_connections 2048; }
http {
    include /etc/nginx/mime.types;
    types { text/javascript mjs; application/manifest+json webmanifest; }
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    client_max_body_size 12m;
    client_body_temp_path $STATE/tmp/body; proxy_temp_path $STATE/tmp/proxy; fastcgi_temp_path $STATE/tmp/fastcgi;
    uwsgi_temp_path $STATE/tmp/uwsgi; scgi_temp_path $STATE/tmp/scgi;
    # only what a proxy says on this machine: nobody else reaches it
    map \$http_x_forwarded_proto \$hsts { https "max-age=31536000"; default ""; }
    gzip on; gzip_comp_level 6; gzip_min_length 512;
    gzip_types text/css text/javascript application/javascript application/json image/svg+xml;
    server {
        listen 127.0.0.1:$WEB_PORT;
        root $ROOT/public;
        # of files; the application sets its own. What is empty is not sent
        add_header X-Content-Type-Options nosniff; add_header Referrer-Policy same-origin; add_header Strict-Transport-Security \$hsts;
        location /build/ {
            gzip_static on; expires 1y; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff;
            add_header Referrer-Policy same-origin; add_header Strict-Transport-Security \$hsts; try_files \$uri =404; }
        location / { try_files \$uri /index.php\$is_args\$args; }
        location = /index.php {
            include $STATE/php.conf;
            fastcgi_param SCRIPT_FILENAME \$document_root/index.php;
            fastcgi_pass 127.0.0.1:$FPM_PORT;
        }
        # looking on: workers of its own, and first a look that starts no framework
        location /live/ {
            include $STATE/php.conf;
            fastcgi_param SCRIPT_FILENAME \$document_root/live.php;
            fastcgi_pass unix:$RUN/watchers.sock;
        }
        location ~ ^/(helper/[^/]+/word|meter/[0-9]+)\$ {
            include $STATE/php.conf;
            fastcgi_param SCRIPT_FILENAME \$document_root/index.php;
            fastcgi_pass unix:$RUN/watchers.sock;
        }
        location ~ \.php\$ { return 404; }
    }
}
CONF
    NGINX=(nginx -c "$STATE/nginx.conf" -e "$STATE/log/nginx.log")
}

start_nginx() {
    alive "$STATE/nginx.pid" && return 0
    end_orphans "$STATE/nginx.pid" nginx
    need_port "$WEB_PORT" WHEATEAR_PORT
    prepare_nginx
    "${NGINX[@]}" || die "nginx did not start; see $STATE/log/nginx.log"
}

# What runs beside the web: letters and other work that nobody should wait for, and what is due by the clock.
prepare_background() {
    local user; user="$(pool_user)"
    local as=(setpriv --reuid="$user" --regid="$(id -gn "$user")" --init-groups php "$ROOT/artisan")
    WORKER=("${as[@]}" queue:work --sleep=1 --timeout=240 --max-time=3600 --quiet)
    SCHEDULER=("${as[@]}" schedule:work --quiet)
}

start_background() {
    local name
    prepare_background
    for name in worker scheduler; do
        alive "$STATE/$name.pid" && continue
        end_orphans "$STATE/$name.pid" php
        local -n command="${name^^}"
        (umask 077; exec setsid "$ROOT/bin/lib/keep" "$STATE/log/$name.log" "${command[@]}" </dev/null >/dev/null 2>&1) &
        echo $! >"$STATE/$name.pid"
        disown
    done
}

serve() {
    start_fpm
    start_nginx
    start_background
    wait_for 15 "the application" curl -sf -o /dev/null "http://127.0.0.1:$WEB_PORT/up"
}

# The demo practice in an emptied database of this instance, served: for tests, benchmarks and pictures.
serve_afresh() {
    case "$INSTANCE" in demo) die "the demo's data is never emptied" ;; esac
    start_database
    make_database "$DB_NAME"
    export_environment
    rm -f "$STATE"/cache/*.php
    artisan optimize:clear --quiet && artisan migrate:fresh --force --quiet && artisan_long wheatear:demo --quiet \
        && artisan optimize --quiet || return 1
    serve
}

# Ends a server by the process number it was started with, and nothing else.
stop_server() { # stop_server NAME SIGNAL
    local file="$STATE/$1.pid" number tries=150
    alive "$file" || { rm -f "$file"; return 0; }
    number="$(cat "$file")"
    kill "-$2" "$number"
    while alive "$file" && [ "$(cat "$file" 2>/dev/null)" = "$number" ] && [ $tries -gt 0 ]; do sleep 0.1; tries=$((tries - 1)); done
    rm -f "$file"
}

stop_background() { stop_server scheduler TERM; stop_server worker TERM; }
stop_servers() { stop_background; stop_server nginx QUIT; stop_server fpm QUIT; stop_server mariadb TERM; }
