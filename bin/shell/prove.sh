# Proves a backup: unpacks it, loads it into a database that is made for it, counts.

# unpack_backup FILE FOLDER: refuses what is not whole.
unpack_backup() {
    tar -xzf "$1" -C "$2" 2>/dev/null || fail "$1 is no backup, or not whole"
    [ -f "$2/shop.sql" ] && [ -f "$2/about.json" ] || fail "$1 is no backup of a shop"
    local told
    told=$(php -r 'echo json_decode(file_get_contents($argv[1]), true)["sum"] ?? "";' "$2/about.json")
    [ "$told" = "$(sha256sum "$2/shop.sql" | cut -d' ' -f1)" ] || fail "$1 is damaged: its sum is another"
}

# load_backup FOLDER: into the database that DB_PORT and DB_SOCKET_DIR say, which is empty.
load_backup() {
    mariadb --no-defaults --socket="$DB_SOCKET_DIR/s" -u root -p"$DB_PASSWORD" hakama <"$1/shop.sql" 2>"$LOGS/restore.log" \
        || fail "it could not be loaded: $(tail -n1 "$LOGS/restore.log")"
}

# prove_backup FILE: in a world of its own.
prove_backup() (
    WORLD=$(mktemp -d)
    RUNNING=
    trap 'database_stop; rm -rf "$WORLD"' EXIT
    mkdir "$WORLD/backup"
    unpack_backup "$1" "$WORLD/backup"
    DB_SOCKET_DIR=
    export DB_PORT
    DB_PORT=$(free_port)
    database_start "$WORLD/database" "$DB_PORT" "$DB_PASSWORD" hakama >/dev/null
    load_backup "$WORLD/backup"
    php artisan shop:backup --prove="$WORLD/backup/about.json" || fail "$1 does not hold what the shop holds"
)
