# Serving a shop: nginx before php-fpm, both below storage/state and owned by whoever starts them. TLS where somebody
# else than this computer is served.

# web_workers: so many pages at once as a third of the memory holds, four to sixteen.
web_workers() {
    awk '/MemAvailable/ { n = int($2 / 1024 / 3 / 96); print n < 4 ? 4 : (n > 16 ? 16 : n) }' /proc/meminfo
}

# need_certificate HOST ADDRESS: one of our own authority, for 397 days, made anew in its last month. What is given with
# --certificate and --key is used as it is.
need_certificate() {
    local host=$1 address=$2 dir=$STATE/tls names
    mkdir -p "$dir"
    chmod 700 "$dir"
    [ -f "$dir/root.key" ] && [ -f "$dir/root.crt" ] || {
        rm -f "$dir"/root.*
        openssl ecparam -name prime256v1 -genkey -noout -out "$dir/root.key.new" 2>/dev/null \
            && chmod 600 "$dir/root.key.new" \
            && openssl req -x509 -new -key "$dir/root.key.new" -days 3650 -subj "/CN=Hakama of $host" \
                -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign,cRLSign' -out "$dir/root.crt.new" 2>/dev/null \
            && mv "$dir/root.key.new" "$dir/root.key" && mv "$dir/root.crt.new" "$dir/root.crt" || fail 'the shop’s own authority could not be made; is openssl there?'
    }
    names="DNS:$host"
    [[ $host =~ ^[0-9.]+$ || $host == *:* ]] && names="IP:$host"
    [[ $address == 0.0.0.0 || $address == '::' || $address == "$host" ]] || names+=",IP:$address"
    if [ ! -f "$dir/shop.crt" ] || [ "$(cat "$dir/names" 2>/dev/null)" != "$names" ] || ! openssl x509 -in "$dir/shop.crt" -noout -checkend 2592000 >/dev/null; then
        openssl ecparam -name prime256v1 -genkey -noout -out "$dir/shop.key" 2>/dev/null
        chmod 600 "$dir/shop.key"
        openssl req -new -key "$dir/shop.key" -subj "/CN=$host" -out "$dir/shop.csr" 2>/dev/null
        printf 'subjectAltName=%s\nbasicConstraints=CA:FALSE\nkeyUsage=digitalSignature\nextendedKeyUsage=serverAuth\n' "$names" >"$dir/shop.ext"
        openssl x509 -req -in "$dir/shop.csr" -CA "$dir/root.crt" -CAkey "$dir/root.key" -CAcreateserial -days 397 -extfile "$dir/shop.ext" -out "$dir/shop.crt" 2>/dev/null \
            || fail "no certificate could be made for $host"
        printf '%s' "$names" >"$dir/names"
    fi
    CERTIFICATE=$dir/shop.crt KEY=$dir/shop.key
}

# web_settings PORT LISTEN TLS_PORT: writes what nginx and php-fpm go by. HTTP is for this computer alone.
web_settings() {
    local port=$1 listen=$2 tls_port=$3 dir=$STATE/web user=''
    mkdir -p "$dir/temp"
    WEB_SOCKET_DIR=$(mktemp -d)
    [ "$(id -u)" -ne 0 ] || user='user root;'
    cat >"$dir/fpm.conf" <<FPM
[global]
daemonize = no
error_log = $LOGS/fpm.log
[shop]
listen = $WEB_SOCKET_DIR/fpm
listen.mode = 0600
$([ "$(id -u)" -ne 0 ] || printf 'user = root\ngroup = root')
pm = static
pm.max_children = $(web_workers)
pm.max_requests = 2000
request_terminate_timeout = 120
clear_env = no
catch_workers_output = yes
php_admin_value[upload_max_filesize] = 20M
php_admin_value[post_max_size] = 24M
php_admin_value[memory_limit] = 256M
php_admin_flag[expose_php] = off
FPM
    # Said with every answer, the static ones and the errors too.
    cat >"$dir/always.conf" <<'ALWAYS'
add_header X-Content-Type-Options nosniff always;
add_header Referrer-Policy same-origin always;
add_header Content-Security-Policy "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; form-action 'self'; base-uri 'none'" always;
ALWAYS
    cat >"$dir/site.conf" <<SITE
root $ROOT/public;
client_max_body_size 24m;
error_page 502 504 /away.html;
error_page 429 @busy;
location @busy {
    include $dir/always.conf;
    add_header Retry-After 5 always;
    default_type text/plain;
    return 429 'Too much at once from this screen; go on in a few seconds. Nothing was changed.\n';
}
location = /away.html { internal; include $dir/always.conf; add_header Retry-After 2 always; }
location = /authority.crt { alias $STATE/tls/root.crt; default_type application/x-x509-ca-cert; include $dir/always.conf; }
location ~ \.php\$ { return 404; }
location = /build/sw.js {
    include $dir/always.conf;
    add_header Service-Worker-Allowed /floor always;
    add_header Cache-Control no-cache always;
}
location = /manifest.webmanifest { default_type application/manifest+json; types { } include $dir/always.conf; }
location / { try_files \$uri @shop; include $dir/always.conf; add_header Cache-Control \$kept_for always; }
location = / { try_files /nothing @shop; }
location @shop {
    limit_req zone=each burst=200 nodelay;
    limit_req zone=costly burst=12;
    include /etc/nginx/fastcgi_params;
    fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
    fastcgi_param SCRIPT_NAME /index.php;
    fastcgi_param HTTP_PROXY "";
    fastcgi_param HTTP_HOST \$http_host;
    fastcgi_pass unix:$WEB_SOCKET_DIR/fpm;
    fastcgi_read_timeout 120;
    fastcgi_buffers 32 16k;
    fastcgi_buffer_size 32k;
}
SITE
    cat >"$dir/nginx.conf" <<NGINX
$user
worker_processes 1;
pid $WEB_SOCKET_DIR/nginx.pid;
error_log $LOGS/nginx.log warn;
events { worker_connections 1024; }
http {
    access_log off;
    server_tokens off;
    include /etc/nginx/mime.types;
    default_type application/octet-stream;
    charset utf-8;
    charset_types text/css text/plain application/javascript image/svg+xml;
    sendfile on;
    keepalive_timeout 30;
    client_body_temp_path $dir/temp/body;
    fastcgi_temp_path $dir/temp/fastcgi;
    proxy_temp_path $dir/temp/proxy;
    uwsgi_temp_path $dir/temp/uwsgi;
    scgi_temp_path $dir/temp/scgi;
    gzip on;
    gzip_vary on;
    gzip_min_length 1000;
    gzip_proxied any;
    gzip_types text/css application/javascript image/svg+xml application/json application/manifest+json text/csv text/calendar text/plain;
    # Pages name the build they want, so a file under that name never changes.
    map \$arg_v \$kept_for { "" "public, max-age=3600"; default "public, max-age=31536000, immutable"; }
    # One client may not take all of it; what costs most goes slower. This computer itself is not held back.
    geo \$client { default 1; 127.0.0.0/8 0; ::1 0; }
    map \$client \$each { 0 ""; default \$binary_remote_addr; }
    map "\$client \$request_method \$uri" \$costly {
        default "";
        "~^1 POST /(plan/proposals|artwork|orders/new/check|sign-in)" \$binary_remote_addr;
        "~^1 GET /(books|plan/ask|.*\.pdf|.*density)" \$binary_remote_addr;
    }
    limit_req_zone \$each zone=each:4m rate=60r/s;
    limit_req_zone \$costly zone=costly:2m rate=4r/s;
    limit_req_status 429;
    server {
        listen 127.0.0.1:$port;
        include $dir/site.conf;
    }
$([ -z "$listen" ] || cat <<TLS
    server {
        listen $([[ $listen == *:* ]] && printf '[%s]' "$listen" || printf '%s' "$listen"):$tls_port ssl http2;
        ssl_certificate $CERTIFICATE;
        ssl_certificate_key $KEY;
        ssl_protocols TLSv1.2 TLSv1.3;
        # With authenticated ciphers alone.
        ssl_ciphers ECDHE-ECDSA-AES128-GCM-SHA256:ECDHE-RSA-AES128-GCM-SHA256:ECDHE-ECDSA-AES256-GCM-SHA384:ECDHE-RSA-AES256-GCM-SHA384:ECDHE-ECDSA-CHACHA20-POLY1305:ECDHE-RSA-CHACHA20-POLY1305;
        ssl_session_cache shared:tls:2m;
        add_header Strict-Transport-Security "max-age=31536000" always;
        include $dir/site.conf;
    }
TLS
)
}
NGINX
}

# serve_web PORT LISTEN TLS_PORT
serve_web() {
    local port=$1 kept=$STATE waited=0
    web_settings "$@"
    local once=(env "APP_CONFIG_CACHE=$kept/config.php" "APP_ROUTES_CACHE=$kept/routes.php")
    rm -f "$kept/config.php" "$kept/routes.php"
    "${once[@]}" php artisan config:cache --quiet && "${once[@]}" php artisan route:cache --quiet && php artisan view:cache --quiet || fail "the settings could not be read; see $LOGS"
    local fpm
    fpm=$(command -v php-fpm8.2 || command -v php-fpm) || fail 'php-fpm is missing; run as root: apt-get install -y php8.2-fpm'
    tend_beside fpm "${once[@]}" "$fpm" --nodaemonize --fpm-config "$STATE/web/fpm.conf" "${FAST[@]}" $([ "$(id -u)" -ne 0 ] || printf -- --allow-to-run-as-root)
    tend_beside nginx nginx -p "$STATE/web" -c "$STATE/web/nginx.conf" -e "$LOGS/nginx.log" -g 'daemon off;'
    until port_taken "$port" && [ -S "$WEB_SOCKET_DIR/fpm" ]; do
        waited=$((waited + 1))
        [ "$waited" -lt 100 ] || fail "the server did not answer on port $port; see $LOGS/nginx.log and $LOGS/fpm.log"
        sleep 0.1
    done
}
