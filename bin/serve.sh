# nginx and php-fpm for one port. Source after lib.sh.

# serve_up RUN PORT: serves the built application. $APP_* and $DATABASE_URL must be exported.
serve_up() {
    local run=$1 port=$2
    mkdir -p "$run" "$run/tmp" "$FRESH_TACK_DATA_DIR/sessions" "$FRESH_TACK_DATA_DIR/log"
    port_free "$port" || die "port $port is taken by another program; choose one with --port"
    write_php_ini "$run"
    write_fpm_conf "$run"
    write_nginx_conf "$run" "$port"
    PHP_INI_SCAN_DIR="/etc/php/8.2/fpm/conf.d:$run/php" setsid php-fpm8.2 -F -y "$run/fpm.conf" $([ "$(id -u)" -eq 0 ] && echo -R) >"$run/fpm.log" 2>&1 </dev/null &
    until_true 90 test -S "$run/fpm.sock" || die "php-fpm does not start; see $run/fpm.log"
    nginx -c "$run/nginx.conf" -p "$run" >"$run/nginx.log" 2>&1 || die "nginx does not start; see $run/nginx.log"
    worker_up "$run"
    until_true 90 curl -fsS "http://127.0.0.1:$port/health" || die "the application does not answer; see $FRESH_TACK_DATA_DIR/log and $run/fpm.log"
}

# The background work: one process that is begun again whenever it ends. $DATABASE_URL and the rest are inherited.
worker_up() {
    setsid bash -c 'trap "trap \"\" TERM; kill 0; exit" TERM
        while :; do php "$2/bin/console" messenger:consume background --time-limit=3600 --memory-limit=200M --quiet & wait $!; sleep 1; done' worker "$1" "$ROOT" >"$1/worker.log" 2>&1 </dev/null &
    printf '%s' "$!" >"$1/worker.pid"
}

# reader_up RUN PORT: the stand-in for an engine reader (standins/README.md)
reader_up() {
    port_free "$2" || { say "  port $2 is taken: no engine reader"; return 0; }
    setsid php -S "127.0.0.1:$2" -t "$1" "$ROOT/standins/engine-reader.php" >"$1/reader.log" 2>&1 </dev/null &
    printf '%s' "$!" >"$1/reader.pid"
}

serve_down() {
    local run=$1 name group
    for name in worker reader; do
        if alive "$run/$name.pid"; then
            kill -TERM -- "-$(cat "$run/$name.pid")" 2>/dev/null || true
            until_true 10 gone "$run/$name.pid" || kill -9 -- "-$(cat "$run/$name.pid")" 2>/dev/null || true
        fi
        rm -f "$run/$name.pid"
    done
    for name in nginx fpm; do
        if alive "$run/$name.pid"; then
            kill -QUIT "$(cat "$run/$name.pid")" 2>/dev/null || true
            until_true 10 gone "$run/$name.pid" || kill -9 "$(cat "$run/$name.pid" 2>/dev/null)" 2>/dev/null || true
        fi
    done
    # workers whose master was killed stay in its process group
    group=$(cat "$run/fpm.pid" 2>/dev/null || true)
    [ -z "$group" ] || pkill -9 -g "$group" -x php-fpm8.2 2>/dev/null || true
    rm -f "$run/nginx.pid" "$run/fpm.pid" "$run/fpm.sock"
}

write_php_ini() {
    mkdir -p "$1/php"
    cat >"$1/php/fresh-tack.ini" <<INI
date.timezone=UTC
memory_limit=256M
post_max_size=64M
expose_php=0
display_errors=0
log_errors=1
opcache.enable=1
opcache.validate_timestamps=0
opcache.memory_consumption=192
opcache.max_accelerated_files=20000
realpath_cache_size=4096K
realpath_cache_ttl=600
session.use_strict_mode=1
INI
}

write_fpm_conf() {
    cat >"$1/fpm.conf" <<CONF
[global]
pid = $1/fpm.pid
error_log = $1/fpm-error.log
daemonize = no
[www]
listen = $1/fpm.sock
listen.mode = 0666
pm = static
pm.max_children = 4
pm.max_requests = 2000
clear_env = yes
catch_workers_output = yes
$([ "$(id -u)" -eq 0 ] && printf 'user = root\ngroup = root')
env[APP_ENV] = $APP_ENV
env[APP_DEBUG] = 0
env[APP_SECRET] = $APP_SECRET
env[DATABASE_URL] = "$DATABASE_URL"
env[FRESH_TACK_DEMO] = $FRESH_TACK_DEMO
$([ -n "${FRESH_TACK_NOW:-}" ] && printf 'env[FRESH_TACK_NOW] = "%s"' "$FRESH_TACK_NOW")
env[FRESH_TACK_DATA_DIR] = $FRESH_TACK_DATA_DIR
$([ -n "${FRESH_TACK_ENGINE_READER:-}" ] && printf 'env[FRESH_TACK_ENGINE_READER] = "%s"' "$FRESH_TACK_ENGINE_READER")
$([ -n "${MAILER_DSN:-}" ] && printf 'env[MAILER_DSN] = "%s"' "$MAILER_DSN")
$([ -n "${FRESH_TACK_CACHE_DIR:-}" ] && printf 'env[FRESH_TACK_CACHE_DIR] = %s' "$FRESH_TACK_CACHE_DIR")
$([ -n "${FRESH_TACK_TRUSTED_PROXIES:-}" ] && printf 'env[FRESH_TACK_TRUSTED_PROXIES] = %s' "$FRESH_TACK_TRUSTED_PROXIES")
env[PATH] = /usr/bin:/bin
CONF
}

write_nginx_conf() {
    cat >"$1/nginx.conf" <<CONF
$([ "$(id -u)" -eq 0 ] && printf 'user root;')
worker_processes 1;
pid $1/nginx.pid;
error_log $1/nginx-error.log;
events { worker_connections 256; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    server_tokens off;
    client_max_body_size 64m;
    client_body_temp_path $1/tmp/body;
    proxy_temp_path $1/tmp/proxy;
    fastcgi_temp_path $1/tmp/fastcgi;
    uwsgi_temp_path $1/tmp/uwsgi;
    scgi_temp_path $1/tmp/scgi;
    gzip on;
    gzip_types text/css application/javascript application/json image/svg+xml;
    add_header X-Frame-Options DENY always;
    add_header Referrer-Policy same-origin always;
    add_header Permissions-Policy "camera=(), microphone=(), geolocation=()" always;
    add_header Content-Security-Policy "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'" always;
    server {
        listen 127.0.0.1:$2;
        root $ROOT/public/build;
        location ~ ^/(api|health|calendar)(/|\$) {
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param HTTP_X_REQUEST_ID \$request_id;
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_param HTTP_PROXY "";
            fastcgi_pass unix:$1/fpm.sock;
            fastcgi_read_timeout 60s;
        }
        error_page 413 @too_large;
        location @too_large {
            internal;
            default_type application/problem+json;
            return 413 '{"type":"urn:fresh-tack:upload.too_large","title":"Too large","status":413,"detail":"This file is larger than 64 MB. Nothing was read from it: split it, or send only what is needed."}';
        }
        location /assets/ { expires 1y; try_files \$uri =404; }
        location / { try_files \$uri /index.html; }
    }
}
CONF
}
