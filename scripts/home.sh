# Where this checkout keeps its shop, and whether its service runs. Sourced after lib.sh.
#
# A shop's data live in a home of their own: TRUEKEEN_HOME where that is set, else the one this checkout used last, which
# .run/home remembers when the folder is moved, else a new one. As root it is under /var/lib, where the postgres account
# can reach it, whatever the checkout's own rights are; else in the user's own data folder.
if as_root; then HOMES=/var/lib; else HOMES=${XDG_DATA_HOME:-$HOME/.local/share}; fi

find_home() {
    local usual moved=() home
    if [ -n "${TRUEKEEN_HOME:-}" ]; then printf '%s' "$TRUEKEEN_HOME"; return; fi
    if [ -f "$RUN/home" ] && [ -d "$(cat "$RUN/home")/data" ]; then cat "$RUN/home"; return; fi
    usual=$HOMES/truekeen-$(printf '%s' "$ROOT" | cksum | cut -d' ' -f1)
    if [ ! -d "$usual/data" ]; then
        # A shop whose checkout is no longer where it was belongs, most likely, to this one: it was moved.
        for home in "$HOMES"/truekeen-*; do
            [ -d "$home/data" ] && [ -f "$home/checkout" ] && [ ! -e "$(cat "$home/checkout")/scripts/home.sh" ] &&
                moved+=("$home")
        done
        if [ "${#moved[@]}" = 1 ]; then
            say "The shop at ${moved[0]} was kept by $(cat "${moved[0]}/checkout"), which is gone: it is opened here."
            printf '%s' "${moved[0]}"
            return
        fi
        for home in "$HOMES"/truekeen-*; do
            if [ -d "$home/data" ]; then
                say "Another shop is kept at $home. To open that one: TRUEKEEN_HOME=$home ./start"
            fi
        done
    fi
    printf '%s' "$usual"
}
CLUSTER=$(find_home)

# remember_home : notes down which home this checkout uses, on both sides
remember_home() {
    printf '%s' "$CLUSTER" >"$RUN/home"
    printf '%s' "$ROOT" >"$CLUSTER/checkout"
}

# database_named NAME : tells the service, or a command of it, which database it works on
database_named() {
    export TRUEKEEN_DB_URL="jdbc:postgresql://127.0.0.1:$(cat "$CLUSTER/port")/$1"
    export TRUEKEEN_DB_USER=truekeen TRUEKEEN_DB_PASSWORD
    TRUEKEEN_DB_PASSWORD=$(cat "$CLUSTER/password")
}

# backups_of DATABASE : where the backups are kept that are written by themselves
backups_of() { printf '%s' "${TRUEKEEN_BACKUPS:-$CLUSTER/backups/${1#truekeen_}}"; }

# backup_command DATABASE ARGUMENT PATH : a backup written or read by the program, without the service
backup_command() {
    (
        database_named "$1"
        "${JAVA_HOME:+$JAVA_HOME/bin/}java" -XX:TieredStopAtLevel=1 -jar "$RUN/truekeen.jar" "$2" "$3"
    )
}

# started_at PID : when a process was started, by the kernel's clock; a number given to another process has another
started_at() { sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | cut -d' ' -f20; }

# same_process FILE : whether the process that was noted down in a file still runs, and is no stranger under its number
same_process() {
    local pid at
    [ -f "$1" ] || return 1
    read -r pid at <"$1" || return 1
    [ -n "$pid" ] && [ -n "$at" ] && [ "$(started_at "$pid")" = "$at" ]
}

# note_process PID FILE
note_process() { printf '%s %s\n' "$1" "$(started_at "$1")" >"$2"; }

service_running() { same_process "$RUN/service.pid"; }

# end_process FILE : ends the process that was noted down, if it is still that one, and waits until it is gone
end_process() {
    local pid
    same_process "$1" || { rm -f "$1"; return 0; }
    pid=$(cut -d' ' -f1 "$1")
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 1 120); do same_process "$1" || break; sleep 0.25; done
    rm -f "$1"
}

# last_words LOG : what a service that ended said last, in words: its log is one JSON object a line
last_words() {
    local said
    said=$(sed -n 's/.*"log.level":"\(ERROR\|WARN\)".*"message":"\([^"]*\)".*/\2/p; s/.*"message":"\([^"]*\)".*"log.level":"\(ERROR\|WARN\)".*/\1/p' "$1" 2>/dev/null | tail -n 5)
    printf '%s\n' "${said:-$(grep -v '^{' "$1" 2>/dev/null | tail -n 5)}"
}

# wait_for_service PID PORT LOG : waits as long as it lives, and says how far it is where that takes a while
wait_for_service() {
    local pid=$1 port=$2 log=$3 shown="" now
    while kill -0 "$pid" 2>/dev/null; do
        if healthy "$port"; then return 0; fi
        now=$(sed -n 's/.*Making the demonstration: \([0-9]*\) %.*/\1/p' "$log" 2>/dev/null | tail -n 1)
        if [ -n "$now" ] && [ "$now" != "$shown" ]; then
            say "Making the demonstration: $now % (once, it takes a minute or two)"
            shown=$now
        fi
        sleep 0.5
    done
    return 1
}

# stand_in KIND PORT : a stand-in for an instrument, from a copy of its jar, where the service will look for it
stand_in() {
    local kind=$1 port=$2 jar="$RUN/truekeen-standins.jar"
    [ -f "$jar" ] && ! [ "$STANDINS" -nt "$jar" ] || cp "$STANDINS" "$jar"
    port_free "$port" || port=$(any_port)
    "${JAVA_HOME:+$JAVA_HOME/bin/}java" -Xmx16m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -jar "$jar" "$kind" "$port" \
        >>"$RUN/standins.log" 2>&1 &
    note_process $! "$RUN/standin.$kind.pid"
    export "TRUEKEEN_$kind=127.0.0.1:$port"
}

stand_ins_away() {
    local file
    for file in "$RUN"/standin.*.pid; do
        if [ -f "$file" ]; then end_process "$file"; fi
    done
}
