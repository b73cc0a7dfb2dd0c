# Sourced by bin/glow: what the bench runs on. php-fpm behind Caddy where both are there, else PHP's own server.

run="${GLOW_RUN:-$here/storage/run}"

# The database that is served; told apart from one that was named wrongly.
database() { echo "${GLOW_DATABASE:-$here/storage/bench/bench.sqlite}"; }

backups() { echo "$(dirname "$(database)")/backups"; }

newest_backup() { ls -t "$(backups)"/*.sqlite 2>/dev/null | head -1; }

# What is wrong with a database file, in a sentence; nothing printed: it is sound.
problem() {
  php -r '
    require $argv[1]."/vendor/autoload.php";
    echo App\Store\Backups::problem($argv[2]) ?? "";
  ' "$here" "$1"
}

# Never a demo or an empty file in the place of what is gone: said, with the newest backup and the two ways on.
missing_database() {
  local db=$1 newest; newest=$(newest_backup)
  if [ -n "$newest" ]; then
    fail "$2 The newest backup is $newest. Put it back with: bin/glow restore $newest   or begin anew with: bin/glow start --new"
  fi
  fail "$2 There is no backup. To begin a new one there: bin/glow start --new"
}

# Sets new=1 where a database has to be made.
check_database() {
  local db=$1 begin=$2 wrong
  new=0
  if [ ! -e "$db" ]; then
    if [ "$begin" = 1 ] || { [ -z "${GLOW_DATABASE:-}" ] && [ ! -e "$db.schema" ] && [ -z "$(newest_backup)" ]; }; then
      mkdir -p "$(dirname "$db")" && (umask 077 && : >"$db") || fail "the database $db can't be written."
      new=1
      return
    fi
    missing_database "$db" "there is no database at $db."
  fi
  if [ ! -s "$db" ]; then
    [ "$begin" = 1 ] || missing_database "$db" "the database $db is empty."
    new=1
    return
  fi
  [ -r "$db" ] || fail "the database $db can't be read."
  wrong=$(problem "$db")
  [ -z "$wrong" ] || missing_database "$db" "the database $db can't be used: $wrong Nothing is repaired by itself."
  if [ -w "$db" ]; then chmod 600 "$db" 2>/dev/null
  else step "the database can only be read: builds can be looked at, nothing can be kept"; fi
}

# One bench for one database; the lock goes with the process that holds it.
take_lock() {
  local lock="$1.lock"
  exec 9>>"$lock" || fail "the lock $lock can't be written."
  flock -n 9 || fail "the bench is running already (process $(cat "$lock" 2>/dev/null)). Stop it first, or open it in the browser."
  echo $$ >"$lock"
}

need_server() {
  local version; version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
  fpm=$(command -v "php-fpm$version" || command -v "/usr/sbin/php-fpm$version" || true)
  if { [ -z "$fpm" ] || ! command -v caddy >/dev/null; } && [ "$(id -u)" -eq 0 ] && command -v apt-get >/dev/null; then
    step "server (php-fpm and Caddy, once)"
    DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get -o DPkg::Lock::Timeout=180 install -y -qq "php$version-fpm" caddy >/dev/null 2>&1 ||
      { apt-get update -qq >/dev/null 2>&1; DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get -o DPkg::Lock::Timeout=180 install -y -qq "php$version-fpm" caddy >/dev/null 2>&1; }
    # The bench starts its own; the machine's services are not wanted.
    command -v systemctl >/dev/null && systemctl disable --now caddy "php$version-fpm" >/dev/null 2>&1
    fpm=$(command -v "php-fpm$version" || command -v "/usr/sbin/php-fpm$version" || true)
  fi
  [ -n "$fpm" ] && command -v caddy >/dev/null && command -v setpriv >/dev/null
}

rotated() { [ -f "$1" ] && [ "$(stat -c %s "$1")" -gt 5000000 ] && mv -f "$1" "$1.1"; return 0; }

# A child that ends when this process does, whatever ends it; it never holds the lock.
child() { setpriv --pdeathsig TERM -- "$@" 9>&- & children+=($!); }

write_configs() {
  local host=$1 port=$2
  cat >"$run/fpm.conf" <<F
[global]
error_log = $here/storage/logs/fpm.log
log_level = warning
daemonize = no
[bench]
listen = $run/fpm.sock
listen.mode = 0600
pm = dynamic
pm.max_children = 8
pm.start_servers = 3
pm.min_spare_servers = 2
pm.max_spare_servers = 4
pm.max_requests = 400
request_terminate_timeout = 60s
clear_env = no
catch_workers_output = no
php_value[memory_limit] = 256M
php_admin_value[max_execution_time] = 45
php_admin_value[upload_max_filesize] = 16M
php_admin_value[post_max_size] = 17M
; Those who come by the local net: whoever keeps these busy keeps nobody at the bench from working.
[open]
listen = $run/open.sock
listen.mode = 0600
pm = ondemand
pm.max_children = 8
pm.process_idle_timeout = 60s
pm.max_requests = 400
request_terminate_timeout = 60s
clear_env = no
catch_workers_output = no
php_value[memory_limit] = 256M
php_admin_value[max_execution_time] = 45
php_admin_value[upload_max_filesize] = 16M
php_admin_value[post_max_size] = 17M
F
  cat >"$run/Caddyfile" <<C
{
	admin off
	auto_https off
	storage file_system $run/caddy
	log {
		output file $here/storage/logs/caddy.log {
			roll_size 5MiB
			roll_keep 3
		}
		level WARN
	}
}
http://:$port {
	bind $host
	header -Server
	root * $here/public
	encode gzip
	request_body {
		max_size 17MB
	}
	@fonts path /assets/fonts/*
	header @fonts Cache-Control "public, max-age=31536000, immutable"
	@assets {
		path /assets/*
		not path /assets/fonts/*
	}
	header @assets Cache-Control "no-cache"
	header /assets/* X-Content-Type-Options nosniff
	php_fastcgi unix/$run/fpm.sock {
		read_timeout 70s
	}
	file_server
}
C
}

# Seconds since the machine started: a clock that is set moves no end.
uptime_s() { local up rest; read -r up rest </proc/uptime; echo "${up%.*}"; }

# The listener on the local net, as the files in the folder "open" ask for it: "ADDRESS PORT SECONDS WORD"
# or - for no end; another word asks anew. What it does it says there too: "listens", or "failed" with why.
gate=
gate_for=
gate_end=
# In the list of the door, beside what goes on.
closed() { (cd "$here" && php artisan bench:door closed "$1" --quiet) >/dev/null 2>&1 9>&- & }
gate_tick() {
  local wanted=
  [ -f "$run/open/wanted" ] && wanted=$(<"$run/open/wanted")
  if [ -n "$gate" ] && ! kill -0 "$gate" 2>/dev/null; then
    sed -n 's/^Error: //p' "$here/storage/logs/open-start.log" 2>/dev/null | tail -1 | cut -c1-300 >"$run/open/failed"
    gate=
    rm -f "$run/open/wanted" "$run/open/state.json" "$run/open/listens"
    closed 'Closed: its web server ended by itself.'
    return
  fi
  if [ -n "$gate" ] && { [ "$wanted" != "$gate_for" ] || { [ "$gate_end" != - ] && [ "$(uptime_s)" -ge "$gate_end" ]; }; }; then
    kill "$gate" 2>/dev/null
    wait "$gate" 2>/dev/null
    gate=
    rm -f "$run/open/listens"
    # Its time is over; what was asked for meanwhile is carried out.
    [ "$wanted" = "$gate_for" ] && {
      rm -f "$run/open/wanted" "$run/open/state.json"
      closed 'Closed: its time was over.'
      return
    }
  fi
  [ -n "$wanted" ] && [ -z "$gate" ] || return 0
  local address port seconds
  read -r address port seconds _ <<<"$wanted"
  gate_for=$wanted
  gate_end=-
  [ "$seconds" = - ] || gate_end=$(($(uptime_s) + seconds))
  XDG_DATA_HOME="$run" XDG_CONFIG_HOME="$run" setpriv --pdeathsig TERM -- caddy run --config "$run/open/Caddyfile" \
    --adapter caddyfile >"$here/storage/logs/open-start.log" 2>&1 9>&- &
  gate=$!
  : >"$run/open/listens"
}

# Runs until it is told to stop, or a part of it ends.
serve() {
  local host=$1 port=$2
  children=()
  mkdir -p "$run" && chmod 700 "$run" || fail "the folder storage/run can't be written."
  # What was open is closed by a new start.
  rm -rf "$run/open" "$run/can-open"
  rotated "$here/storage/logs/fpm.log"; rotated "$here/storage/logs/server.log"; rotated "$here/storage/logs/laravel.log"
  trap 'kill "${children[@]}" $gate 2>/dev/null; rm -rf "$run/open" "$run/can-open"; wait 2>/dev/null; exit 0' INT TERM HUP
  local shown=$host; [ "$host" = "::1" ] && shown="[::1]"
  if need_server; then
    write_configs "$host" "$port"
    local root=(); [ "$(id -u)" -eq 0 ] && root=(-R)
    child "$fpm" -F -y "$run/fpm.conf" "${root[@]+"${root[@]}"}" "${opcache[@]}" -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
      -d expose_php=0 -d zend.exception_ignore_args=1
    : >"$run/can-open"
    XDG_DATA_HOME="$run" XDG_CONFIG_HOME="$run" child caddy run --config "$run/Caddyfile" --adapter caddyfile 2>>"$here/storage/logs/server.log"
  else
    step "php-fpm and Caddy are not here and can't be installed by this user: PHP's own server is used"
    export PHP_CLI_SERVER_WORKERS=4
    child php "${jit[@]}" -d upload_max_filesize=16M -d post_max_size=17M -S "$shown:$port" -t public bin/router.php 2>>"$here/storage/logs/server.log"
  fi
  php artisan bench:prepare --quiet 9>&- || fail "the queue of the worker could not be made."
  child php artisan queue:work --queue=solve --sleep=1 --tries=1 --timeout=170 --max-jobs=200 --memory=512 --quiet 2>>"$here/storage/logs/server.log"
  worker=${children[-1]}
  # Workers of the built-in server have no other tie to this process than its group.
  (trap '' INT; while kill -0 $$ 2>/dev/null; do sleep 1; done; pkill -TERM -f "^php .*-S $shown:$port " 2>/dev/null) 9>&- &
  local until=$((SECONDS + 20))
  # A page must answer, not the door alone: Caddy is up before php-fpm.
  until php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://$shown:$port/alive"; do
    [ $SECONDS -lt $until ] || { kill "${children[@]}" 2>/dev/null; fail "the server did not start; see storage/logs/server.log and fpm.log."; }
    sleep 0.2
  done
  echo "Bench Glow is on http://$shown:$port (stop it with Ctrl-C)"
  local next=$((SECONDS + 600))
  while :; do
    sleep 0.5 9>&- &
    wait $! 2>/dev/null
    gate_tick
    for pid in "${children[@]:0:${#children[@]}-1}"; do
      kill -0 "$pid" 2>/dev/null || { kill "${children[@]}" $gate 2>/dev/null; fail "a part of the server ended by itself; see storage/logs/server.log."; }
    done
    # The worker ends after its two hundred jobs on purpose.
    if ! kill -0 "$worker" 2>/dev/null; then
      unset 'children[-1]'
      child php artisan queue:work --queue=solve --sleep=1 --tries=1 --timeout=170 --max-jobs=200 --memory=512 --quiet 2>>"$here/storage/logs/server.log"
      worker=${children[-1]}
    fi
    if [ $SECONDS -ge $next ]; then
      next=$((SECONDS + 600))
      php artisan bench:backup --daily --quiet >/dev/null 2>&1 9>&-
      find storage/framework/cache/data "$(database).cache" -type f -mtime +30 -delete 2>/dev/null
    fi
  done
}

restore() {
  local file=${1:-} db wrong aside
  [ -n "$file" ] || fail "restore needs a backup file. They are in $(backups)."
  prepare
  db=$(database)
  wrong=$(problem "$file")
  [ -z "$wrong" ] || fail "$file can't be put back: $wrong"
  mkdir -p "$(dirname "$db")"
  take_lock "$db"
  (umask 077 && cp "$file" "$db.coming") || fail "$db.coming can't be written."
  if [ -e "$db" ]; then
    aside="$db.aside-$(date +%Y%m%d-%H%M%S)"
    mv "$db" "$aside"
    for tail in -wal -shm; do [ -e "$db$tail" ] && mv "$db$tail" "$aside$tail"; done
    echo "What was there is kept aside as $aside"
  fi
  mv "$db.coming" "$db"
  echo "$(php -r '$p = new PDO("sqlite:".$argv[1]); echo $p->query("SELECT count(*) FROM builds")->fetchColumn();' "$db") builds put back from $file"
}
