# PHP behind nginx for one port, the worker and the reader. Source after parts.sh and database.sh.

SERVER_SETTINGS="DB_DIR DB_PORT DB_OPTIONS WEB_PORT READER_PORT APP_ENV APP_DEBUG APP_SECRET FRESH_TACK_CHAIN_KEY DATABASE_URL FRESH_TACK_DEMO FRESH_TACK_NOW
    FRESH_TACK_ADDRESS FRESH_TACK_DATA_DIR FRESH_TACK_CACHE_DIR FRESH_TACK_ENGINE_READER FRESH_TACK_TRUSTED_PROXIES MAILER_DSN"

# server_files RUN: what PHP, nginx, the worker and the reader read when they start.
server_files() {
    local run=$1
    own "$run" "$run/tmp" "$run/php" "$run/log"
    own "$FRESH_TACK_DATA_DIR" "$FRESH_TACK_DATA_DIR/sessions" "$FRESH_TACK_DATA_DIR/log"
    write_settings "$run" $SERVER_SETTINGS
    write_php_ini "$run"
    write_fpm_conf "$run"
    write_nginx_conf "$run"
    [ "$RUNNER" = "$(id -un)" ] || chown -R "$RUNNER:" "$run/php" "$run/fpm.conf" "$run/nginx.conf"
    chmod 600 "$run/fpm.conf"
}

fetch() { curl -fsS --max-time 20 "$@"; }
page_answers() { php_answers && nginx_answers; }
php_answers() { fetch "http://127.0.0.1:$WEB_PORT/health"; }
nginx_answers() { fetch "http://127.0.0.1:$WEB_PORT/" | grep -q '<div id="app"'; }
worker_answers() { as_runner php "$ROOT/bin/console" worker:probe --quiet; }
# any answer will do: there is no such engine
reader_answers() { curl -sS --max-time 10 -o /dev/null "http://127.0.0.1:$READER_PORT/engines/none"; }

# serve RUN: starts nginx, PHP, the worker and the reader.
serve() {
    local part
    server_files "$1"
    for part in php nginx reader worker; do
        part_ready "$part"
        part_up "$1" "$part"
    done
    until_answered "$1"
}

# until_answered RUN: each part was used, and did what it is for.
until_answered() {
    until_true 90 page_answers || die "the application does not answer; see $FRESH_TACK_DATA_DIR/log and $1/log"
    until_true 30 reader_answers || die "the engine reader does not answer; see $1/log/reader.log"
    until_true 60 worker_answers || die "the worker takes no job; see $1/log/worker.log"
}

# part_ready PART: its port is free, or who holds it is told.
part_ready() {
    case $1 in
        nginx) port_free "$WEB_PORT" || die "port $WEB_PORT is taken by another program; choose one with --port" ;;
        reader) port_free "$READER_PORT" || die "port $READER_PORT, for the engine reader, is taken by another program" ;;
    esac
}

write_php_ini() {
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
zend.exception_ignore_args=1
INI
}

write_fpm_conf() {
    cat >"$1/fpm.conf" <<CONF
[global]
error_log = /proc/self/fd/2
daemonize = no
[www]
listen = $(private_folder "$1")/fpm.sock
listen.mode = 0600
pm = static
pm.max_children = 4
pm.max_requests = 2000
clear_env = yes
catch_workers_output = yes
$([ "$RUNNER" = root ] && printf 'user = root\ngroup = root')
env[APP_ENV] = $APP_ENV
env[APP_DEBUG] = 0
env[APP_SECRET] = $APP_SECRET
env[FRESH_TACK_CHAIN_KEY] = $FRESH_TACK_CHAIN_KEY
env[DATABASE_URL] = "$DATABASE_URL"
env[FRESH_TACK_DEMO] = $FRESH_TACK_DEMO
$([ -n "${FRESH_TACK_NOW:-}" ] && printf 'env[FRESH_TACK_NOW] = "%s"' "$FRESH_TACK_NOW")
env[FRESH_TACK_DATA_DIR] = $FRESH_TACK_DATA_DIR
$([ -n "${FRESH_TACK_ADDRESS:-}" ] && printf 'env[FRESH_TACK_ADDRESS] = "%s"' "$FRESH_TACK_ADDRESS")
$([ -n "${FRESH_TACK_ENGINE_READER:-}" ] && printf 'env[FRESH_TACK_ENGINE_READER] = "%s"' "$FRESH_TACK_ENGINE_READER")
$([ -n "${MAILER_DSN:-}" ] && printf 'env[MAILER_DSN] = "%s"' "$MAILER_DSN")
$([ -n "${FRESH_TACK_CACHE_DIR:-}" ] && printf 'env[FRESH_TACK_CACHE_DIR] = %s' "$FRESH_TACK_CACHE_DIR")
$([ -n "${FRESH_TACK_TRUSTED_PROXIES:-}" ] && printf 'env[FRESH_TACK_TRUSTED_PROXIES] = %s' "$FRESH_TACK_TRUSTED_PROXIES")
env[PATH] = /usr/bin:/bin
CONF
}

write_nginx_conf() {
    cat >"$1/fastcgi.conf" <<CONF
include /etc/nginx/fastcgi_params;
fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
fastcgi_param SCRIPT_NAME /index.php;
fastcgi_param HTTP_X_REQUEST_ID \$request_id;
fastcgi_param HTTP_HOST \$http_host;
fastcgi_param HTTP_PROXY "";
# nginx says it of all that it serves
fastcgi_hide_header X-Content-Type-Options;
fastcgi_pass unix:$(private_folder "$1")/fpm.sock;
CONF
    # a location that adds one of its own takes none from above: it names these as well
    cat >"$1/headers.conf" <<CONF
add_header X-Frame-Options DENY always;
add_header X-Content-Type-Options nosniff always;
add_header Referrer-Policy same-origin always;
add_header Permissions-Policy "camera=(), microphone=(), geolocation=()" always;
add_header Content-Security-Policy "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'" always;
CONF
    cat >"$1/nginx.conf" <<CONF
$([ "$RUNNER" = root ] && printf 'user root;')
daemon off;
worker_processes 1;
pid $1/nginx.pid;
error_log stderr;
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
    include $1/headers.conf;
    server {
        listen 127.0.0.1:$WEB_PORT;
        root $ROOT/public/build;
        fastcgi_read_timeout 60s;
        # the addresses of calendars are secret: nothing of them gets into a log
        location ^~ /calendar/ {
            error_log /dev/null;
            error_page 502 504 = @away;
            include $1/fastcgi.conf;
        }
        location ~ ^/(api|health)(/|\$) {
            error_page 502 504 = @away;
            include $1/fastcgi.conf;
        }
        location @away {
            internal;
            default_type application/problem+json;
            include $1/headers.conf;
            add_header Retry-After 5 always;
            return 503 '{"type":"urn:fresh-tack:away","title":"Not there just now","status":503,"detail":"The server is not ready. Nothing was changed; what you typed is kept. Try again in a few seconds."}';
        }
        error_page 400 414 /unreadable;
        location = /unreadable {
            internal;
            default_type application/problem+json;
            return 400 '{"type":"urn:fresh-tack:address.unreadable","title":"Something in it has to be mended","status":400,"detail":"This address can not be read. Go back, and choose what you wanted from the page."}';
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
