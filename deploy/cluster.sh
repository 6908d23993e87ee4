#!/usr/bin/env bash
# Three database nodes that keep the same rows, two instances of the application, and a proxy before them, all on loopback: see
# docs/scale.md. Each is started by ./olla as it would be on a machine of its own; ./olla cluster comes here.
set -uo pipefail

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
VAR=${OLLA_VAR:-$ROOT/var}/cluster
APP=${OLLA_APP:-$VAR/app}
PORT=${OLLA_PORT:-8080}
DB_PORT=${OLLA_DB_PORT:-33161}
LAN_PORT=${OLLA_LAN_PORT:-8443}
LAN_ADDRESS=${OLLA_LAN_ADDRESS:-*}
NODES=(1 2 3)
INSTANCES=(1 2)
PEERS=
HOSTS=()
for node in "${NODES[@]}"; do
  PEERS=$PEERS${PEERS:+,}127.0.0.1:$((DB_PORT + 10 * node + 1))
  HOSTS+=("127.0.0.1:$((DB_PORT + 10 * node))")
done

say() { printf 'olla: %s\n' "$*"; }
fail() {
  printf 'olla: %s\n' "$*" >&2
  exit 1
}

# The command for one node, with what it needs to know: at_node NODE COMMAND...
at_node() {
  local node=$1
  shift
  OLLA_VAR=$VAR/node$node OLLA_SECRETS=$VAR OLLA_DB_PORT=$((DB_PORT + 10 * node)) OLLA_GALERA=$PEERS \
    OLLA_GALERA_HERE=127.0.0.1:$((DB_PORT + 10 * node + 1)) "$ROOT/olla" "$@" 9>&-
}

# The same for one instance: at_instance INSTANCE COMMAND... All ask the nodes in one order and so write at one of them, where whoever
# wants the same rows waits for another; at several nodes one of them would have to begin again.
at_instance() {
  local instance=$1
  shift
  OLLA_LAN_PORT=$((LAN_PORT + instance)) OLLA_LAN_ADDRESS=127.0.0.1 OLLA_LAN_PROXY_PORT=$LAN_PORT \
    OLLA_VAR=$VAR/instance$instance OLLA_SECRETS=$VAR OLLA_PORT=$((PORT + instance)) OLLA_APP=$APP OLLA_DB_DATA=$VAR OLLA_WATCH=no OLLA_STANDINS=no \
    OLLA_DB_URL="jdbc:mariadb:sequential://$(IFS=,; echo "${HOSTS[*]}")/olla" "$ROOT/olla" "$@" 9>&-
}

# Is the process in a pid file the one we mean? Numbers are given anew, after a power cut to others.
alive() {
  local pid said=()
  { read -r pid <"$1" && mapfile -d '' said <"/proc/$pid/cmdline"; } 2>/dev/null && [[ "${said[*]}" == *"$2"* ]]
}
node_runs() { alive "$VAR/node$1/run/db.pid" "$VAR/node$1/db"; }
instance_runs() { alive "$VAR/instance$1/run/app.pid" "olla.var=$VAR/instance$1"; }
proxy_runs() { alive "$VAR/run/proxy.pid" "$ROOT/deploy/haproxy.cfg"; }

# The node that has got furthest, where none runs: the others take from it what they lack.
furthest() {
  local node position best=1 most=-1
  for node in "${NODES[@]}"; do
    [ -d "$VAR/node$node/db/mysql" ] || continue
    position=$(at_node "$node" database position) || return 1
    position=${position##*:}
    [ "$position" -gt "$most" ] && best=$node most=$position
  done
  echo "$best"
}

start_nodes() {
  local node first= run=0
  for node in "${NODES[@]}"; do node_runs "$node" && first=$node run=$((run + 1)); done
  if [ "$run" = 1 ]; then
    at_node "$first" database alone || return 1
  elif [ "$run" = 0 ]; then
    first=$(furthest) || fail "no node could say how far it had got."
    [ ! -f "$VAR/node$first/db/grastate.dat" ] || sed -i 's/^safe_to_bootstrap:.*/safe_to_bootstrap: 1/' "$VAR/node$first/db/grastate.dat"
    OLLA_GALERA_NEW=yes at_node "$first" database start || return 1
  fi
  for node in "${NODES[@]}"; do
    node_runs "$node" || at_node "$node" database start || return 1
  done
}

start_instance() {
  instance_runs "$1" || at_instance "$1" "$2" | sed "s/^olla:/olla: instance $1:/"
}

# The first brings the tables up to date before the second comes.
start_instances() {
  local instance
  for instance in "${INSTANCES[@]}"; do
    start_instance "$instance" "$1" || return 1
  done
}

# The stand-in devices push their readings by the proxy.
at_proxy() { OLLA_VAR=$VAR OLLA_APP=$APP "$ROOT/olla" "$@" 9>&-; }

# The kitchen's certificate and its key as the proxy reads them.
need_pem() (
  umask 077
  OLLA_LAN_PASSWORD=${OLLA_LAN_PASSWORD:-$(cat "$VAR/lan.password")}
  export OLLA_LAN_PASSWORD
  openssl pkcs12 -in "${OLLA_LAN_KEYS:-$VAR/lan.p12}" -passin env:OLLA_LAN_PASSWORD -nodes -out "$VAR/lan.pem" 2>>"$VAR/log/proxy.log"
)

start_proxy() {
  proxy_runs && return
  local files=(-f "$ROOT/deploy/haproxy.cfg")
  if [ "${OLLA_LAN:-}" = yes ]; then
    need_pem || fail "the certificate for the network could not be given to the proxy."
    files+=(-f "$ROOT/deploy/haproxy-network.cfg")
  fi
  OLLA_PORT=$PORT OLLA_FIRST=$((PORT + 1)) OLLA_SECOND=$((PORT + 2)) OLLA_LAN_PORT=$LAN_PORT OLLA_LAN_ADDRESS=$LAN_ADDRESS \
    OLLA_LAN_PEM=$VAR/lan.pem OLLA_FIRST_DOOR=$((LAN_PORT + 1)) OLLA_SECOND_DOOR=$((LAN_PORT + 2)) \
    setsid haproxy -db "${files[@]}" >>"$VAR/log/proxy.log" 2>&1 </dev/null 9>&- &
  local pid=$!
  echo $pid >"$VAR/run/proxy.pid"
  for _ in $(seq 100); do
    answers && return
    # By its number: until it has become the proxy it is not known by its name.
    kill -0 $pid 2>/dev/null || break
    sleep 0.1
  done
  fail "the proxy did not start: $(tail -n 1 "$VAR/log/proxy.log")"
}

# Asks through the proxy whether anybody is ready.
answers() {
  (exec 3<>"/dev/tcp/127.0.0.1/$PORT" && printf 'GET /actuator/health/readiness HTTP/1.0\r\nHost: localhost\r\n\r\n' >&3 \
    && timeout 5 head -n 1 <&3 | grep -q ' 200 ') 2>/dev/null
}

# Looks twice a second whether something has to be started again.
keep() {
  trap 'kill $! 2>/dev/null; exit 0' TERM INT
  while true; do
    sleep 0.5 &
    wait $!
    "$@" &
    wait $!
  done
}

# What has ended is started again: neither an instance nor the proxy waits for another.
watch() {
  local instance
  trap 'kill $(jobs -p) 2>/dev/null; wait; exit 0' TERM INT
  keep start_nodes &
  for instance in "${INSTANCES[@]}"; do keep start_instance "$instance" "$1" & done
  keep start_proxy &
  wait
}

start() {
  mkdir -p "$VAR/run" "$VAR/log" || fail "cannot write to $VAR; make it writable or choose another with OLLA_VAR."
  exec 9>"$VAR/run/lock"
  flock 9
  start_nodes || fail "a node did not start."
  start_instances "$1" || fail "an instance did not start."
  start_proxy
  [ "$1" = demo ] && at_proxy standins start
  if [ "${OLLA_WATCH:-}" != no ] && ! alive "$VAR/run/watch.pid" "cluster.sh watch $VAR"; then
    setsid "${BASH_SOURCE[0]}" watch "$VAR" "$1" >>"$VAR/log/watch.log" 2>&1 </dev/null 9>&- &
    echo $! >"$VAR/run/watch.pid"
  fi
  [ "${OLLA_LAN:-}" = yes ] && say "open to the network on port $LAN_PORT; OLLA_PORT=$PORT ./olla let-in owner lets the first screen in"
  say "ready at http://127.0.0.1:$PORT: a proxy before two instances and three database nodes"
}

end() {
  alive "$1" "$2" && kill "$(cat "$1")" && for _ in $(seq 100); do alive "$1" "$2" || break; sleep 0.1; done
  rm -f "$1"
}

stop() {
  local one
  end "$VAR/run/watch.pid" "cluster.sh watch $VAR"
  [ -d "$VAR/run" ] && at_proxy standins stop
  end "$VAR/run/proxy.pid" "$ROOT/deploy/haproxy.cfg"
  for one in "${INSTANCES[@]}"; do [ -d "$VAR/instance$one" ] && at_instance "$one" stop; done
  for one in "${NODES[@]}"; do [ -d "$VAR/node$one" ] && at_node "$one" database stop; done
  say "stopped"
}

# All rows, from a node that runs.
backup() {
  local node
  for node in "${NODES[@]}"; do
    node_runs "$node" || continue
    at_node "$node" backup "$1"
    return
  done
  fail "no node runs; ./olla cluster start."
}

# Puts them back at one node, and so at all; the nodes run on, for the instances to be started.
restore() {
  local instance
  for instance in "${INSTANCES[@]}"; do
    instance_runs "$instance" && fail "stop it first: ./olla cluster stop."
  done
  start_nodes && at_node "${NODES[0]}" restore "$1"
}

status() {
  local one
  for one in "${NODES[@]}"; do
    node_runs "$one" && say "node $one on ${HOSTS[one - 1]}" || say "node $one stopped"
  done
  for one in "${INSTANCES[@]}"; do
    instance_runs "$one" && say "instance $one on 127.0.0.1:$((PORT + one))" || say "instance $one stopped"
  done
  proxy_runs && say "proxy on 127.0.0.1:$PORT" || say "proxy stopped"
}

case "${1:-demo}" in
  demo | start | --lan)
    [ "${1:-}" = --lan ] || [ "${2:-}" = --lan ] && export OLLA_LAN=yes
    demo=${1:-demo}
    [ "$demo" = --lan ] && demo=demo
    start "$demo"
    ;;
  watch) watch "$3" ;;
  stop) stop ;;
  backup) backup "$(realpath "${2:-}")" ;;
  restore) restore "$(realpath "${2:-}")" ;;
  status) status ;;
  *) fail "cluster is followed by demo, start, stop, status, backup or restore." ;;
esac
