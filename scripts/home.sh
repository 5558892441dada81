# Where this checkout keeps its cluster, and whether its service runs. Sourced after lib.sh.
# As root the cluster lives where the postgres account can reach it, whatever the checkout's own rights are.
if [ -n "${TRUEKEEN_HOME:-}" ]; then
    CLUSTER=$TRUEKEEN_HOME
elif as_root; then
    CLUSTER=/var/lib/truekeen-$(printf '%s' "$ROOT" | cksum | cut -d' ' -f1)
else
    CLUSTER=${XDG_DATA_HOME:-$HOME/.local/share}/truekeen-$(printf '%s' "$ROOT" | cksum | cut -d' ' -f1)
fi

service_running() {
    [ -f "$RUN/service.pid" ] && kill -0 "$(cat "$RUN/service.pid")" 2>/dev/null
}

# healthy PORT : asks the service over a bare socket, so that no client needs to be installed
healthy() {
    (
        exec 3<>"/dev/tcp/127.0.0.1/$1" || exit 1
        printf 'GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
        head -n 1 <&3 | grep -q ' 200'
    ) 2>/dev/null
}

# stand_in KIND PORT : a stand-in for an instrument, from a copy of its jar, where the service will look for it
stand_in() {
    local kind=$1 port=$2 jar="$RUN/truekeen-standins.jar"
    [ -f "$jar" ] && ! [ "$STANDINS" -nt "$jar" ] || cp "$STANDINS" "$jar"
    port_free "$port" || port=$(any_port)
    "${JAVA_HOME:+$JAVA_HOME/bin/}java" -Xmx16m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -jar "$jar" "$kind" "$port" \
        >>"$RUN/standins.log" 2>&1 &
    echo $! >>"$RUN/standins.pids"
    export "TRUEKEEN_$kind=127.0.0.1:$port"
}

stand_ins_away() {
    [ -f "$RUN/standins.pids" ] || return 0
    xargs -r kill <"$RUN/standins.pids" 2>/dev/null || true
    rm -f "$RUN/standins.pids"
}
