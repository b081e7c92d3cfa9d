# A private MariaDB below storage/, on loopback only, owned by whoever starts it.

# Whoever looks after it tries again; everybody else ends here.
database_wrong() {
    [ -z "${DB_AGAIN:-}" ] || { say "hakama: $*"; return 1; }
    fail "$*"
}

# database_start FOLDER PORT PASSWORD NAME...: makes it when it is not there; leaves its process in DB_PID.
database_start() {
    local dir=$1 port=$2 password=$3
    shift 3
    local user=() socket
    [ "$(id -u)" -eq 0 ] && user=(--user=root)
    # A socket's path may not be long, so it lies in the folder for temporary files.
    [ -z "${DB_SOCKET_DIR:-}" ] || rm -rf "$DB_SOCKET_DIR"
    socket=$(mktemp -d)/s
    DB_SOCKET_DIR=$(dirname "$socket")
    # Passwords are read from files that nobody else reads: a command line is seen by everybody on this computer.
    printf '[client]\nuser=root\npassword=%s\nsocket=%s\n' "$password" "$socket" >"$DB_SOCKET_DIR/root.cnf"
    printf '[client]\nuser=hakama\npassword=%s\nhost=127.0.0.1\nport=%s\n' "$password" "$port" >"$DB_SOCKET_DIR/shop.cnf"
    # A server deletes what it takes for left behind in its folder for temporary tables: each has its own.
    rm -rf "$dir.tmp"
    mkdir -p "$dir.tmp"

    if [ ! -d "$dir/mysql" ]; then
        say 'Making the database ...'
        rm -rf "$dir".new*
        mariadb-install-db --no-defaults "${user[@]}" --datadir="$dir.new$$" --auth-root-authentication-method=normal --skip-test-db >"$LOGS/database-install.log" 2>&1 \
            || { rm -rf "$dir.new$$"; database_wrong "the database could not be made; see $LOGS/database-install.log" || return 1; }
        mv "$dir.new$$" "$dir"
    fi

    local err="$dir.log"
    : >"$err"
    # Room enough for a shop's books in memory; the log is flushed at every commit, so a killed server loses nothing.
    setsid mariadbd --no-defaults "${user[@]}" --datadir="$dir" --socket="$socket" --port="$port" --bind-address=127.0.0.1 --tmpdir="$dir.tmp" \
        --innodb-buffer-pool-size=256M --innodb-flush-log-at-trx-commit=1 --skip-log-bin --skip-name-resolve --log-error="$err" --pid-file="$DB_SOCKET_DIR/pid" >/dev/null 2>&1 &
    DB_PID=$!
    remember $!
    local waited=0
    local ask=(mariadb --no-defaults --socket="$socket" -u root) known=(mariadb --defaults-file="$DB_SOCKET_DIR/root.cnf")
    until [ -S "$socket" ] && "${known[@]}" -e 'DO 1' >/dev/null 2>&1 || "${ask[@]}" -e 'DO 1' >/dev/null 2>&1; do
        kill -0 "$DB_PID" 2>/dev/null || database_wrong "the database will not start: $(grep -m1 ERROR "$err" || tail -n1 "$err")" || return 1
        waited=$((waited + 1))
        [ "$waited" -lt 300 ] || database_wrong "the database did not answer within a minute; see $err" || return 1
        sleep 0.2
    done

    local name sql="ALTER USER 'root'@'localhost' IDENTIFIED BY '$password';"
    sql+=" CREATE USER IF NOT EXISTS 'hakama'@'127.0.0.1' IDENTIFIED BY '$password';"
    sql+=" ALTER USER 'hakama'@'127.0.0.1' IDENTIFIED BY '$password';"
    for name in "$@"; do
        sql+=" CREATE DATABASE IF NOT EXISTS \`$name\` CHARACTER SET utf8mb4; GRANT ALL ON \`$name\`.* TO 'hakama'@'127.0.0.1';"
    done
    "${known[@]}" <<<"$sql" >/dev/null 2>&1 \
        || "${ask[@]}" <<<"$sql" >/dev/null 2>&1 \
        || database_wrong "the database does not take its password; delete $dir to start with an empty one"
}

database_stop() {
    if [ -n "${DB_PID:-}" ] && kill -0 "$DB_PID" 2>/dev/null; then
        kill -TERM "$DB_PID" 2>/dev/null || true
        local waited=0
        while kill -0 "$DB_PID" 2>/dev/null && [ "$waited" -lt 150 ]; do sleep 0.1; waited=$((waited + 1)); done
    fi
    [ -n "${DB_SOCKET_DIR:-}" ] && rm -rf "$DB_SOCKET_DIR"
    return 0
}
