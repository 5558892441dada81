# Shared by start, stop, test, bench and shots. Sourced from the project's root; works as root and as a plain user.
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
RUN="$ROOT/.run"
TOOLS="$ROOT/.tools"
mkdir -p "$RUN"
export npm_config_cache="${npm_config_cache:-$HOME/.npm}"
# A Node that was fetched brings certificates of its own; the machine's are meant.
[ -z "${NODE_EXTRA_CA_CERTS:-}" ] && [ -r /etc/ssl/certs/ca-certificates.crt ] &&
    export NODE_EXTRA_CA_CERTS=/etc/ssl/certs/ca-certificates.crt || true

say() { printf '%s\n' "$*" >&2; }
fail() { say "$*"; exit 1; }
as_root() { [ "$(id -u)" = 0 ]; }
have() { command -v "$1" >/dev/null 2>&1; }

# --- what the machine must have -------------------------------------------------------------------------------------

apt_install() {
    as_root || fail "Missing: $*. Install these Debian packages, or run this once as root."
    say "Installing from Debian's packages: $*"
    export DEBIAN_FRONTEND=noninteractive
    [ -n "${APT_FRESH:-}" ] || { apt-get update -qq && APT_FRESH=yes; }
    case " $* " in
    *" postgresql "*)
        # The distribution would create and start a cluster of its own; the private one is all that is wanted.
        apt-get install -y -qq --no-install-recommends postgresql-common >/dev/null
        mkdir -p /etc/postgresql-common/createcluster.d
        echo "create_main_cluster = false" >/etc/postgresql-common/createcluster.d/none.conf
        ;;
    esac
    apt-get install -y -qq --no-install-recommends "$@" >/dev/null
}

java17() { have javac && javac -version 2>&1 | grep -qE '^javac (1[7-9]|2[0-9])'; }

ensure_java() {
    java17 || apt_install openjdk-17-jdk-headless
    have mvn || apt_install maven
    # Debian's Maven may pull another runtime in: build with 17 where it is there.
    local jdk=/usr/lib/jvm/java-17-openjdk-$(dpkg --print-architecture 2>/dev/null || echo amd64)
    if [ -z "${JAVA_HOME:-}" ] && [ -x "$jdk/bin/javac" ]; then export JAVA_HOME=$jdk; fi
}

pg_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

ensure_postgres() {
    [ -x "$(pg_bin)/initdb" ] && [ -x "$(pg_bin)/postgres" ] || apt_install postgresql
    have flock || apt_install util-linux
}

node_ok() { have node && node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>22||a===22&&b>=12||a===20&&b>=19?0:1)'; }

# Where the packaged Node is older than the build wants, the registry's own "node" package brings a newer one.
ensure_node() {
    [ -d "$TOOLS/node_modules/node/bin" ] && export PATH="$TOOLS/node_modules/node/bin:$PATH"
    node_ok && have npm && return
    have npm || apt_install npm
    node_ok && return
    say "Fetching a newer Node from the package registry"
    mkdir -p "$TOOLS"
    (cd "$TOOLS" && npm install --silent --no-save --no-audit --no-fund --prefix "$TOOLS" node@22)
    export PATH="$TOOLS/node_modules/node/bin:$PATH"
    node_ok || fail "No Node new enough could be had."
}

ensure_browser() {
    have chromium || apt_install chromium
    have chromedriver || apt_install chromium-driver
}

# --- the private PostgreSQL cluster ---------------------------------------------------------------------------------

# PostgreSQL refuses to run as root; it then runs as its own account.
as_pg() { if as_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
any_port() {
    local p
    for _ in $(seq 1 50); do
        p=$((20000 + RANDOM % 12000 + RANDOM % 3 * 4000))
        if port_free "$p"; then echo "$p"; return; fi
    done
    fail "No free port found."
}

# cluster_create DIR : a fresh cluster with a password of its own
cluster_create() {
    local dir=$1 pass
    mkdir -p "$dir"
    pass=$(od -An -N24 -tx1 /dev/urandom | tr -d ' \n')
    (umask 077 && printf '%s' "$pass" >"$dir/password")
    as_root && chown -R postgres "$dir"
    as_pg "$(pg_bin)/initdb" -D "$dir/data" -U truekeen -A scram-sha-256 --pwfile="$dir/password" \
        --locale=C.UTF-8 --encoding=UTF8 >"$RUN/initdb.log" 2>&1 || { cat "$RUN/initdb.log" >&2; fail "The database could not be created."; }
}

# cluster_start DIR [option…] : starts it on a free port of the loopback; the port is kept in DIR/port
cluster_start() {
    local dir=$1 port=""
    shift
    if as_pg "$(pg_bin)/pg_ctl" -D "$dir/data" status >/dev/null 2>&1; then return; fi
    for _ in 1 2 3 4 5; do
        port=$(any_port)
        if as_pg "$(pg_bin)/pg_ctl" -D "$dir/data" -l "$dir/log" -w -t 60 \
            -o "-p $port -k $dir -c listen_addresses=127.0.0.1 -c unix_socket_permissions=0700 $*" start >/dev/null 2>&1; then
            printf '%s' "$port" >"$dir/port"
            return
        fi
    done
    as_root && as_pg cat "$dir/log" >&2 || cat "$dir/log" >&2
    fail "The database could not be started."
}

cluster_stop() {
    as_pg "$(pg_bin)/pg_ctl" -D "$1/data" -m fast -w -t 60 stop >/dev/null 2>&1 || true
}

# healthy PORT : asks the service over a bare socket, so that no client needs to be installed
healthy() {
    (
        exec 3<>"/dev/tcp/127.0.0.1/$1" || exit 1
        printf 'GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
        head -n 1 <&3 | grep -q ' 200'
    ) 2>/dev/null
}

# asked PORT PATH : what the service answers, in the same way
asked() {
    (
        exec 3<>"/dev/tcp/127.0.0.1/$1" || exit 1
        printf 'GET %s HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' "$2" >&3
        cat <&3
    ) 2>/dev/null
}

# cluster_database DIR NAME : makes sure a database of that name is there
cluster_database() {
    local dir=$1 name=$2 port
    port=$(cat "$dir/port")
    export PGPASSWORD
    PGPASSWORD=$(cat "$dir/password")
    if [ -z "$("$(pg_bin)/psql" -h 127.0.0.1 -p "$port" -U truekeen -d postgres -Atc "select 1 from pg_database where datname='$name'")" ]; then
        "$(pg_bin)/createdb" -h 127.0.0.1 -p "$port" -U truekeen "$name"
    fi
    unset PGPASSWORD
}

# --- building -------------------------------------------------------------------------------------------------------

maven() { mvn -B -ntp -Dstyle.color=never "$@"; }

# One build at a time in this checkout, whoever asks.
locked() {
    (
        exec 9>"$RUN/build.lock"
        flock -n 9 || { say "Another build is running in this folder: waiting for it."; flock 9; }
        "$@"
    )
}

JAR="$ROOT/app/target/truekeen.jar"
STANDINS="$ROOT/standins/target/truekeen-standins.jar"

sources_newer_than() {
    [ -n "$(find "$ROOT"/pom.xml "$ROOT"/openapi.json "$ROOT"/core/src/main "$ROOT"/core/pom.xml "$ROOT"/app/src/main \
        "$ROOT"/app/pom.xml "$ROOT"/web/src "$ROOT"/web/package-lock.json "$ROOT"/web/index.html "$ROOT"/web/public \
        "$ROOT"/standins/src/main "$ROOT"/standins/pom.xml "$ROOT"/docs/screenshots \
        -newer "$1" -type f -print -quit 2>/dev/null)" ]
}

build_if_needed() {
    if [ ! -f "$JAR" ] || [ ! -f "$STANDINS" ] || [ ! -d "$ROOT/web/dist/assets" ] || sources_newer_than "$JAR"; then
        say "Building. The first time takes a few minutes."
        # Only what runs is built: neither tests nor style can keep anyone from starting.
        (cd "$ROOT" && maven -q -Dmaven.test.skip=true -Dspotless.check.skip=true package >&2) ||
            fail "The build failed; what Maven says stands above."
    fi
}

# build_tests : compiles what ./bench and ./shots run beside the service
build_tests() {
    (cd "$ROOT" && maven -q -DskipTests -Dspotless.check.skip=true test-compile >&2) || fail "The build failed."
}
