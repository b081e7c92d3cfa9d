# Proves a backup: unpacks it, loads it into a database that is made for it, counts. A backup may come from anybody: nothing
# of it is run, nothing of it leaves its folder.

# What a backup holds, and nothing else.
BACKUP_NAMES='^((about\.json|shop\.sql|keys\.env)|files/(tapes/[0-9a-f]+\.dst|photos/[0-9a-f]+\.(jpg|png|webp)))$'

# unpack_backup FILE FOLDER: refuses what is not whole, links, paths out, and more than the disk holds.
unpack_backup() {
    local free wrong
    free=$(($(df -Pk "$2" | awk 'NR==2 {print $4}') * 1024 / 2))
    # Of each: kind and rights, owner, size, day, time, name.
    wrong=$(tar -tzvf "$1" --numeric-owner --quoting-style=escape 2>/dev/null | awk -v free="$free" -v names="$BACKUP_NAMES" '
        { size += $3; name = $6; for (i = 7; i <= NF; i++) name = name " " $i }
        # Earlier versions kept the folders too.
        /^d/ && (name == "files/" || name ~ /^files\/(tapes|photos)\/$/) { next }
        !/^-/ { print "it holds something that is no file: " name; exit }
        name !~ names { print "it holds a file that is none of a shop: " name; exit }
        seen[name]++ { print "it holds a file twice: " name; exit }
        size > free { print "it is larger than half of what is free on this disk"; exit }
    ') || true
    [ -z "$wrong" ] || fail "$1 is not unpacked: $wrong"
    tar -xzf "$1" -C "$2" --no-same-owner --no-same-permissions --no-overwrite-dir 2>/dev/null || fail "$1 is no backup, or not whole"
    [ -f "$2/shop.sql" ] && [ -f "$2/about.json" ] || fail "$1 is no backup of a shop"
    local told
    told=$(php -r 'echo json_decode(file_get_contents($argv[1]), true)["sum"] ?? "";' "$2/about.json")
    [ "$told" = "$(sha256sum "$2/shop.sql" | cut -d' ' -f1)" ] || fail "$1 is damaged: its sum is another"
}

# keys_of FILE: its keys, each by its pattern; what is none is left out. They are read, never run.
keys_of() {
    grep -E '^(APP_ENV=(production|testing|local)|APP_KEY=base64:[A-Za-z0-9+/]{43}=|SHOP_TIMEZONE=[A-Za-z0-9_+/-]{1,60}|(DB_PASSWORD|MACHINE_SECRET)=[A-Za-z0-9]{8,128}|SHOP_(PROXIES|HOSTS)=[A-Za-z0-9.,:-]{0,300}|SHOP_BACKUP_HOUR=[0-9]{1,2})$' "$1" || true
}

# load_backup FOLDER: into the database that DB_PORT and DB_SOCKET_DIR say, which is empty; as the shop's own user, who may
# touch nothing but that schema, and by a client that runs no commands of the file.
load_backup() {
    local client=(mariadb --defaults-extra-file="$DB_SOCKET_DIR/shop.cnf" --protocol=tcp --local-infile=0)
    # Commands of the client are none in its sandbox; where it has none, a file with such lines is not loaded.
    if mariadb --no-defaults --help 2>/dev/null | grep -q -- '--sandbox'; then
        client+=(--sandbox)
    elif LC_ALL=C grep -aqE '^[[:space:]]*(\\!|system[[:space:]]|\\\.|source[[:space:]]|tee[[:space:]]|\\T)' "$1/shop.sql"; then
        fail "it is not loaded: it holds commands that are none of a shop's tables"
    fi
    "${client[@]}" "${BACKUP_INTO:-hakama}" <"$1/shop.sql" 2>"$LOGS/restore.log" || fail "it could not be loaded: $(tail -n1 "$LOGS/restore.log")"
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
