# A MariaDB server of the project's own: data under .data/, loopback only, a free port, an unprivileged user.
# It never touches a server that was there before.

DATABASE_DIR="$DATA/mariadb"

database_owner() {
    # mariadbd refuses to run as root; the user that Debian made for it is used, unless it cannot enter the folder.
    if [ "$(id -u)" = 0 ] && setpriv --reuid=mysql --regid=mysql --init-groups -- test -x "$DATA"; then echo mysql; else id -un; fi
}

as_owner() {
    if [ "$(id -un)" = "$OWNER" ]; then "$@"; else setpriv --reuid="$OWNER" --regid="$OWNER" --init-groups -- "$@"; fi
}

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }

# The socket lies in a short path: the kernel allows 107 bytes.
socket_path() {
    local path="$DATABASE_DIR/run/socket"
    if [ ${#path} -gt 100 ]; then path="/tmp/heurema-$(printf %s "$DATA" | sha256sum | cut -c1-12).socket"; fi
    echo "$path"
}

database_runs() {
    local pid
    pid=$(cat "$DATABASE_DIR/run/pid" 2>/dev/null) || return 1
    [ "$(cat "/proc/$pid/comm" 2>/dev/null)" = mariadbd ] || return 1
    grep -q '^State:[[:space:]]*Z' "/proc/$pid/status" && return 1
    database_as_root -e 'SELECT 1' >/dev/null 2>&1
}

start_database() {
    OWNER=$(database_owner)
    mkdir -p "$DATABASE_DIR/run" "$DATABASE_DIR/files"
    [ "$OWNER" = "$(id -un)" ] || chown -R "$OWNER" "$DATABASE_DIR"
    database_runs && { DATABASE_STARTED_HERE=""; return 0; }
    if [ ! -d "$DATABASE_DIR/files/mysql" ]; then
        say "Preparing the database"
        as_owner mariadb-install-db --no-defaults --datadir="$DATABASE_DIR/files" --skip-test-db \
            --auth-root-authentication-method=socket --auth-root-socket-user="$OWNER" >"$DATA/mariadb-install.log" 2>&1 \
            || fail "the database could not be prepared: see $DATA/mariadb-install.log"
    fi
    say "Starting the database"
    DB_PORT=$(free_port)
    local root_allowed=""
    [ "$OWNER" = root ] && root_allowed="--user=root"
    # shellcheck disable=SC2086
    as_owner setsid mariadbd --no-defaults $root_allowed --datadir="$DATABASE_DIR/files" --socket="$(socket_path)" \
        --pid-file="$DATABASE_DIR/run/pid" --port="$DB_PORT" --bind-address=127.0.0.1 --skip-name-resolve \
        --innodb-use-native-aio=0 --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
        --innodb-flush-log-at-trx-commit="${DATABASE_FLUSH:-1}" >"$DATA/mariadb.log" 2>&1 &
    echo "$DB_PORT" > "$DATA/database-port"
    DATABASE_STARTED_HERE=yes
    local i
    for i in $(seq 1 150); do database_as_root -e 'SELECT 1' >/dev/null 2>&1 && return 0; sleep 0.1; done
    fail "the database did not come up: see $DATA/mariadb.log"
}

# The administrator has the name of the system user that owns the files, and signs in by being that user.
database_as_root() { as_owner mariadb --no-defaults --socket="$(socket_path)" --user="$OWNER" "$@"; }

prepare_database() {
    local name="$1"
    DB_PORT=$(cat "$DATA/database-port")
    [ -f "$DATA/database-password" ] || { (umask 077; php -r 'echo bin2hex(random_bytes(16));' > "$DATA/database-password"); }
    DB_PASSWORD=$(cat "$DATA/database-password")
    database_as_root <<SQL || fail "the database $name could not be created: see $DATA/mariadb.log"
CREATE DATABASE IF NOT EXISTS \`$name\`;
CREATE USER IF NOT EXISTS 'heurema'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
ALTER USER 'heurema'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`$name\`.* TO 'heurema'@'127.0.0.1';
GRANT ALL ON \`${name}\\_%\`.* TO 'heurema'@'127.0.0.1';
SQL
    export DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_PORT DB_DATABASE="$name" DB_USERNAME=heurema DB_PASSWORD
}

stop_database() {
    [ -n "${DATABASE_STARTED_HERE:-}" ] || return 0
    local pid
    pid=$(cat "$DATABASE_DIR/run/pid" 2>/dev/null) || return 0
    kill "$pid" 2>/dev/null
    local i
    for i in $(seq 1 100); do [ -d "/proc/$pid" ] || return 0; sleep 0.1; done
}
