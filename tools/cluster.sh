#!/usr/bin/env bash
# A private PostgreSQL cluster on loopback: cluster.sh start|stop|died|remove DATA
# `start` makes it if it is not there and prints what the service needs, as NAME=VALUE lines; `died` tells whether it
# ended without being stopped; `remove` ends it and deletes it, wherever it lies.
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
. "$here/ensure.sh"

verb=${1:?start, stop, died or remove}
mkdir -p "${2:?the data folder}"
data=$(cd "$2" && pwd)

programs=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1 || true)
[ -x "$programs/initdb" ] || fail "There is no PostgreSQL server here." "/usr/lib/postgresql" "apt-get install postgresql-15"

# PostgreSQL refuses to run as root, so root hands it to the account that Debian's package made. Where that
# account cannot reach the data folder, the cluster lies in a state folder that it can reach.
account=$(id -un)
place=$data/postgres
if [ "$account" = root ]; then
  account=postgres
  if ! runuser -u "$account" -- test -x "$data" 2>/dev/null; then
    place=/var/lib/vivid-trellis/$(printf '%s' "$data" | sha256sum | cut -c1-16)/postgres
  fi
fi
as_account() { if [ "$(id -un)" = "$account" ]; then "$@"; else runuser -u "$account" -- "$@"; fi; }
control() { (cd / && as_account "$programs/pg_ctl" -D "$place/cluster" "$@"); }

free_port() {
  local port
  for port in $(seq 54320 54999); do
    (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null || { echo "$port"; return; }
  done
  fail "No port between 54320 and 54999 is free." "127.0.0.1" "end what holds them"
}

make_cluster() {
  mkdir -p "$place"
  chmod 700 "$place"
  (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$place/password")
  [ "$(id -un)" = "$account" ] || chown -R "$account" "$place"
  (cd / && as_account "$programs/initdb" -D "$place/cluster.new" -U vivid --pwfile="$place/password" \
    --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 >"$place/initdb.log" 2>&1) ||
    fail "The database cluster cannot be made." "$place/initdb.log" "read that file; is there room on the disk?" 73
  cat >>"$place/cluster.new/postgresql.conf" <<CONF
listen_addresses = '127.0.0.1'
unix_socket_directories = ''
max_connections = 40
CONF
  # Whole or not at all: a run that was ended here leaves no half cluster behind.
  mv "$place/cluster.new" "$place/cluster"
}

# One that is stopped takes its note of itself along; one that was killed leaves it. Its number can be another
# program's by now.
died() {
  local note=$place/cluster/postmaster.pid pid
  [ -f "$note" ] || return 1
  pid=$(head -1 "$note" 2>/dev/null || true)
  ! grep -qs postgres "/proc/$pid/comm"
}

# The note guards the files while anything of a killed server still writes, so it goes only where its number is
# another program's by now and nothing works in the cluster's folder.
is_taken_by_another() {
  died && [ -d "/proc/$(head -1 "$place/cluster/postmaster.pid")" ] &&
    [ -z "$(find /proc -maxdepth 2 -name cwd -lname "$place/cluster" 2>/dev/null)" ]
}

is_port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; }

# What a killed one leaves behind holds its memory for a moment longer, and one that is recovering answers nobody yet.
# Between the look for a free port and the start, another cluster may have taken it.
start_cluster() {
  local try
  for try in $(seq 20); do
    ! is_taken_by_another || rm -f "$place/cluster/postmaster.pid"
    if ! control status >/dev/null 2>&1; then
      ! is_port_taken || port=$(free_port)
      control -w -t 60 -l "$place/server.log" -o "-p $port" start >/dev/null 2>&1 || { sleep 1; continue; }
    fi
    "$programs/pg_isready" -q -h 127.0.0.1 -p "$port" -t 60 && return 0
    sleep 1
  done
  fail "PostgreSQL does not start." "$place/server.log" "read the end of that file; is there room on the disk?"
}

stop_cluster() {
  if [ -d "$place/cluster" ] && control status >/dev/null 2>&1; then control -m fast -w -t 60 stop >/dev/null; fi
}

case $verb in
  stop) stop_cluster ;;
  died) died ;;
  remove)
    stop_cluster
    rm -rf "$place"
    rmdir "$(dirname "$place")" 2>/dev/null || true
    ;;
  start)
    ensure_room "$data" 200
    rm -rf "$place/cluster.new"
    [ -d "$place/cluster" ] || make_cluster
    port=$(cat "$place/port" 2>/dev/null || true)
    if control status >/dev/null 2>&1 && ! died; then
      port=$(sed -n 4p "$place/cluster/postmaster.pid")
    elif [ -z "$port" ]; then
      port=$(free_port)
    fi
    start_cluster
    echo "$port" >"$place/port"
    echo "VIVID_DB_URL=jdbc:postgresql://127.0.0.1:$port/postgres"
    echo "VIVID_DB_USER=vivid"
    echo "VIVID_DB_PASSWORD=$(cat "$place/password")"
    ;;
  *) fail "'$verb' is nothing that can be done." "cluster.sh" "say start, stop, died or remove" 64 ;;
esac
