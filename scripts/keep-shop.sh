#!/usr/bin/env bash
# Keeps the demonstration of a released version as a fixture of ReleasedShopsTest: keep-shop.sh COMMIT NAME
# The commit is built in a clone, its demonstration loaded into a throwaway cluster and dumped.
. "$(dirname "$0")/lib.sh"
[ $# = 2 ] || fail "usage: scripts/keep-shop.sh COMMIT NAME"
commit=$1 name=$2
ensure_java
ensure_postgres

work=$(mktemp -d /tmp/tk-shop-XXXXXX)
chmod 755 "$work"
cleanup() {
    [ -z "${service:-}" ] || kill "$service" 2>/dev/null || true
    cluster_stop "$work/pg"
    rm -rf "$work"
}
trap cleanup EXIT
git -C "$ROOT" worktree prune
git clone -q "$ROOT" "$work/clone"
git -C "$work/clone" checkout -q "$commit"
(cd "$work/clone" && mkdir -p web/dist && mvn -B -ntp -q -pl core,app -DskipTests -Dspotless.check.skip=true package)

cluster_create "$work/pg"
cluster_start "$work/pg" -c fsync=off
cluster_database "$work/pg" shop
export TRUEKEEN_DB_USER=truekeen TRUEKEEN_DB_PASSWORD TRUEKEEN_DEMO=true TRUEKEEN_PORT
TRUEKEEN_DB_PASSWORD=$(cat "$work/pg/password")
TRUEKEEN_PORT=$(any_port)
export TRUEKEEN_DB_URL="jdbc:postgresql://127.0.0.1:$(cat "$work/pg/port")/shop"
java -jar "$work/clone/app/target/truekeen.jar" >"$work/log" 2>&1 &
service=$!
until healthy "$TRUEKEEN_PORT"; do
    kill -0 "$service" || { tail -20 "$work/log" >&2; fail "the version of $commit did not start"; }
    sleep 1
done
PGPASSWORD=$TRUEKEEN_DB_PASSWORD pg_dump -h 127.0.0.1 -p "$(cat "$work/pg/port")" -U truekeen \
    --no-owner --no-privileges --no-comments --rows-per-insert=100 shop |
    grep -v '^--\|^\\' | gzip -9n >"$ROOT/app/src/test/resources/shops/$name.sql.gz"
say "Kept app/src/test/resources/shops/$name.sql.gz; add it to ReleasedShopsTest."
