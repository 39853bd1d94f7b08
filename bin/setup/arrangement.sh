# The arrangement of several servers: where each listens, and the files of operating/ filled in for this machine.

wait_for() {
    local tries="$1" i
    shift
    for i in $(seq "$tries"); do "$@" && return 0; sleep 0.1; done
    return 1
}

is_up() { [ "$(curl --silent --insecure --output /dev/null --write-out '%{http_code}' "$URL/up")" = 200 ]; }

# Commands that change tables act as the owner of the database.
# shellcheck disable=SC1091
as_database_owner() { (set -a; . "$RUN/owner-environment"; exec "$@"); }

secret() { [ -f "$RUN/$1" ] || (umask 077; php -r 'echo bin2hex(random_bytes(16));' > "$RUN/$1"); cat "$RUN/$1"; }

choose_places() {
    umask 077
    mkdir -p "$RUN/cache" "$RUN/log" "$RUN/nginx" "$RUN/tls" "$RUN/files" "$RUN/redis-kept" "$RUN/redis-cache"
    chmod 700 "$RUN"
    rm -f "$RUN/cache/"*.php
    URL="https://127.0.0.1:$PORT"
    DB_PORT=$(cat "$DATA/database-port")
    LISTEN=127.0.0.1
    PLAIN_PORT=$(free_port)
    KEPT_PORT=$(free_port)
    CACHE_PORT=$(free_port)
    APPLICATION_1="127.0.0.1:$(free_port)"
    APPLICATION_2="127.0.0.1:$(free_port)"
    DB_PASSWORD=$(secret database-password)
    OWNER_PASSWORD=$(secret owner-password)
    REDIS_PASSWORD=$(secret redis-password)
    [ -f "$RUN/tls/key.pem" ] || openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 365 -subj /CN=localhost \
        -addext 'subjectAltName=IP:127.0.0.1,DNS:localhost' -keyout "$RUN/tls/key.pem" -out "$RUN/tls/certificate.pem" 2>/dev/null
}

# Everything runs as whoever starts it; Debian's programs want to be told so when that is root.
write_arrangement() {
    local nginx_user="" fpm_user="" fpm_as_root="" supervisor_user=""
    if [ "$(id -u)" = 0 ]; then
        nginx_user="user root;" fpm_user="user = root" fpm_as_root="--allow-to-run-as-root" supervisor_user="user = root"
    fi
    local file
    for file in environment owner-environment nginx.conf redis-kept.conf redis-cache.conf database.sql supervisord.conf; do fill_in "operating/$file" "$RUN/$file"; done
    LISTEN="$APPLICATION_1" fill_in operating/php-fpm.conf "$RUN/application-1.conf"
    LISTEN="$APPLICATION_2" fill_in operating/php-fpm.conf "$RUN/application-2.conf"
}

fill_in() {
    sed -e "s|@ROOT@|$ROOT|g" -e "s|@RUN@|$RUN|g" -e "s|@URL@|$URL|g" -e "s|@PORT@|$PORT|g" -e "s|@PLAIN_PORT@|$PLAIN_PORT|g" -e "s|@LISTEN@|$LISTEN|g" \
        -e "s|@APP_KEY@|$APP_KEY|g" -e "s|@DB_HOST@|127.0.0.1|g" -e "s|@DB_CLIENT@|127.0.0.1|g" -e "s|@DB_PORT@|$DB_PORT|g" -e "s|@DB_NAME@|$DB_NAME|g" \
        -e "s|@DB_PASSWORD@|$DB_PASSWORD|g" -e "s|@OWNER_PASSWORD@|$OWNER_PASSWORD|g" -e "s|@REDIS_PASSWORD@|$REDIS_PASSWORD|g" \
        -e "s|@KEPT_HOST@|127.0.0.1|g" -e "s|@KEPT_PORT@|$KEPT_PORT|g" -e "s|@CACHE_HOST@|127.0.0.1|g" -e "s|@CACHE_PORT@|$CACHE_PORT|g" \
        -e "s|@APPLICATION_1@|$APPLICATION_1|g" -e "s|@APPLICATION_2@|$APPLICATION_2|g" -e "s|@FILES@|$RUN/files|g" \
        -e "s|@WORKERS@|$WORKERS|g" -e "s|@CHILDREN@|$CHILDREN|g" -e "s|@RETRY_AFTER@|$RETRY_AFTER|g" -e "s|@JOB_TIMEOUT@|$JOB_TIMEOUT|g" \
        -e "s|@NGINX_USER@|$nginx_user|g" -e "s|@FPM_USER@|$fpm_user|g" -e "s|@FPM_AS_ROOT@|$fpm_as_root|g" -e "s|@SUPERVISOR_USER@|$supervisor_user|g" \
        "$1" > "$2"
}
