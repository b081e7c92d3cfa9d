# An upgrade is whole, or it was not begun: tables cannot be changed in a transaction, and a start may be killed at any
# moment. Before they are changed the database is kept as it is, and put back when the change was cut off.

tables_sign() { ls database/migrations | sha256sum | cut -d' ' -f1; }

# upgrade_begin STATE SIGN: nothing may run on the database meanwhile.
upgrade_begin() {
    local state=$1 sign=$2
    if [ -f "$state/first" ]; then
        # The very first start was cut off: nobody has worked with it.
        rm -rf "$state/database"
    elif [ -d "$state/database.before" ]; then
        say 'An upgrade was cut off: the shop is put back to what it was before, and upgraded anew.'
        rm -f "$state/tables"
        rm -rf "$state/database"
        mv "$state/database.before" "$state/database"
    fi
    # What a killed start still writes there has another name.
    rm -rf "$state"/database.before.new* "$state/database.old"
    if [ ! -d "$state/database" ]; then
        touch "$state/first"
    elif [ "$(cat "$state/tables" 2>/dev/null)" != "$sign" ]; then
        cp -a --reflink=auto "$state/database" "$state/database.before.new$$" || {
            rm -rf "$state/database.before.new$$"
            fail "the database could not be kept before it is changed; is the disk full?"
        }
        mv "$state/database.before.new$$" "$state/database.before"
    fi
}

# upgrade_done STATE SIGN: the tables are as they should be.
upgrade_done() {
    local state=$1 sign=$2
    # Moved first: half of a folder that is being deleted is nothing to put back.
    [ ! -d "$state/database.before" ] || mv "$state/database.before" "$state/database.old"
    printf '%s' "$sign" >"$state/tables.new"
    mv "$state/tables.new" "$state/tables"
    rm -rf "$state/database.old"
    rm -f "$state/first"
}
