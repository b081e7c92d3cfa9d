# Serving: PHP's own server with several workers, the queue worker and the simulated machines.

PIDS=()
# Compiled once and run as machine code: two to three times as fast where much is worked out.
FAST=(-d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.memory_consumption=128 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing)

# Each in a session of its own, so that the workers it forks end with it.
run_beside() {
    local log=$1
    shift
    setsid "$@" >>"$LOGS/$log.log" 2>&1 &
    PIDS+=($!)
    remember $!
}

# The same for what may come to an end by itself and is then simply started again.
keep_beside() {
    local log=$1
    shift
    run_beside "$log" bash -c 'while :; do "$@"; sleep 1; done' keep "$@"
}

# What bin/start keeps alive: it looks after them itself, twice a second.
TENDED=()
TENDED_PIDS=()
tend_beside() {
    run_beside "$@"
    TENDED+=("$(printf '%q ' "$@")")
    TENDED_PIDS+=("${PIDS[-1]}")
}

# tend: whoever has ended is started again, whatever it left of itself ended first.
tend() {
    local i pid
    for i in "${!TENDED[@]}"; do
        pid=${TENDED_PIDS[i]}
        ! kill -0 "$pid" 2>/dev/null || continue
        kill -KILL -- "-$pid" 2>/dev/null || true
        eval "run_beside ${TENDED[i]}"
        TENDED_PIDS[i]=${PIDS[-1]}
    done
}

serve() {
    local port=$1
    # Settings and addresses are worked out once for this server, in a folder of its own: another that runs
    # from the same files with other settings has its own.
    local kept=${WORLD:-$STATE}/${SERVES:-web}.kept
    mkdir -p "$kept"
    local once=(env "APP_CONFIG_CACHE=$kept/config.php" "APP_ROUTES_CACHE=$kept/routes.php")
    rm -f "$kept/config.php" "$kept/routes.php"
    "${once[@]}" php artisan config:cache --quiet && "${once[@]}" php artisan route:cache --quiet || fail "the settings could not be read; see $LOGS"
    PHP_CLI_SERVER_WORKERS=${WORKERS:-4} keep_beside "server${SERVES:+-$SERVES}" "${once[@]}" php "${FAST[@]}" \
        -d upload_max_filesize=20M -d post_max_size=24M -d memory_limit=256M -d variables_order=EGPCS -S "127.0.0.1:$port" -t public public/server.php
    local waited=0
    until port_taken "$port"; do
        waited=$((waited + 1))
        [ "$waited" -lt 100 ] || fail "the server did not answer on port $port; see $LOGS/server.log"
        sleep 0.1
    done
}

stop_all() {
    local pid
    for pid in "${PIDS[@]}"; do kill -TERM -- "-$pid" 2>/dev/null || true; done
    local waited=0
    for pid in "${PIDS[@]}"; do
        while kill -0 -- "-$pid" 2>/dev/null && [ "$waited" -lt 50 ]; do sleep 0.1; waited=$((waited + 1)); done
        kill -KILL -- "-$pid" 2>/dev/null || true
    done
    PIDS=()
}
