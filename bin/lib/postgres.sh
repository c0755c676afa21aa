# A PostgreSQL of Debian's packages for one run, on a socket of its own and no port; it goes when the run ends.

start_postgres() {
    install_packages postgresql php8.2-pgsql
    local bin
    bin=$(ls -d /usr/lib/postgresql/*/bin | tail -1)
    postgres_home=$(mktemp -d /tmp/ephemeron-postgres.XXXXXX)
    as_postgres() { if [ "$(id -u)" = 0 ]; then chown -R postgres "$postgres_home" && su postgres -s /bin/sh -c "$1"; else sh -c "$1"; fi; }
    as_postgres "$bin/initdb -D $postgres_home/data -U ephemeron -A trust -E UTF8 --locale=C.UTF-8 >/dev/null"
    as_postgres "$bin/pg_ctl -D $postgres_home/data -w -l $postgres_home/log -o \"-k $postgres_home -c listen_addresses='' -c fsync=off\" start >/dev/null"
    as_postgres "$bin/createdb -h $postgres_home -U ephemeron ephemeron"
    trap 'as_postgres "'"$bin"'/pg_ctl -D $postgres_home/data -m immediate stop >/dev/null"; rm -rf "$postgres_home"' EXIT
    # Sessions, cache and queue lie there too, so that several web servers can serve one club.
    export SESSION_DRIVER=database CACHE_STORE=database
    export DB_CONNECTION=pgsql DB_HOST="$postgres_home" DB_PORT=5432 DB_DATABASE=ephemeron DB_USERNAME=ephemeron DB_PASSWORD=
}
