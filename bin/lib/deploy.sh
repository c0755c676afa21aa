# nginx and php8.2-fpm with the files of deploy/, on loopback, as whoever calls it.

# with_its_ini COMMAND… : with what Debian's PHP reads and with deploy/ephemeron.ini
with_its_ini() { PHP_INI_SCAN_DIR="/etc/php/8.2/fpm/conf.d:$PWD/deploy" "$@"; }

# start_deployed HOME PORT PUBLIC : HOME takes what they write; the environment says which shelf it is
start_deployed() {
    local home="$1" port="$2" public="$3" me
    openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=127.0.0.1 -keyout "$home/key.pem" -out "$home/cert.pem" 2>/dev/null
    me=$(id -un)
    sed -e "s#/srv/ephemeron/public#$public#; s#listen 443 ssl;#listen 127.0.0.1:$port ssl;#; s#listen 80;#listen 127.0.0.1:$((port + 1));#; s#server_name shelf.example;#server_name 127.0.0.1;#" \
        -e "s#/etc/ssl/certs/shelf.example.pem#$home/cert.pem#; s#/etc/ssl/private/shelf.example.key#$home/key.pem#; s#/run/php/ephemeron.sock#$home/fpm.sock#" deploy/nginx.conf >"$home/site.conf"
    # Debian 12 has a version that says it on the line that listens.
    sed -i "s#ssl;#ssl http2;#; /http2 on;/d" "$home/site.conf"
    cat >"$home/nginx.conf" <<CONF
pid $home/nginx.pid;
error_log $home/nginx.log warn;
$([ "$me" = root ] && echo "user root;")
events { worker_connections 256; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    client_body_temp_path $home/body; proxy_temp_path $home/proxy; fastcgi_temp_path $home/fastcgi; uwsgi_temp_path $home/uwsgi; scgi_temp_path $home/scgi;
    include $home/site.conf;
}
CONF
    {
        printf '[global]\npid = %s/fpm.pid\nerror_log = %s/fpm.log\ndaemonize = yes\n' "$home" "$home"
        sed -e "s#^user = .*#user = $me#; s#^group = .*#group = $(id -gn)#; s#^listen = .*#listen = $home/fpm.sock#; s#^listen\.\(owner\|group\) = .*#listen.\1 = $me#" deploy/php-fpm.conf
        for name in APP_URL EPHEMERON_MAKERS DB_CONNECTION DB_DATABASE SESSION_DRIVER CACHE_STORE APP_ENV APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE; do
            [ -z "${!name:-}" ] || printf 'env[%s] = %s\n' "$name" "${!name}"
        done
    } >"$home/fpm.conf"
    with_its_ini /usr/sbin/php-fpm8.2 -y "$home/fpm.conf" $([ "$me" = root ] && echo -R)
    /usr/sbin/nginx -c "$home/nginx.conf"
}

# stop_deployed HOME
stop_deployed() {
    local pid
    for pid in "$1"/*.pid; do [ ! -e "$pid" ] || kill "$(cat "$pid")" 2>/dev/null || true; done
    sleep 0.5
}
