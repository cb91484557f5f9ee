# The parts that run (database, php, nginx, worker, reader), kept running by a supervisor of their own. What they
# need to know stands in RUN/settings; bin/part starts one of them.

ALL_PARTS="database php nginx worker reader"

# write_settings RUN NAME…: the named variables, for bin/part. They hold secrets.
write_settings() {
    local run=$1 name
    shift
    (
        umask 077
        {
            for name in ROOT RUNNER "$@"; do
                [ -z "${!name+set}" ] || printf 'export %s=%q\n' "$name" "${!name}"
            done
        } >"$run/settings.new"
    )
    [ "$RUNNER" = "$(id -un)" ] || chown "$RUNNER:" "$run/settings.new"
    mv "$run/settings.new" "$run/settings"
}

write_supervisor_conf() {
    local run=$1 part socket
    socket=$(private_folder "$run")/supervisor.sock
    {
        cat <<CONF
[unix_http_server]
file=$socket
chmod=0700
[rpcinterface:supervisor]
supervisor.rpcinterface_factory=supervisor.rpcinterface:make_main_rpcinterface
[supervisorctl]
serverurl=unix://$socket
[supervisord]
nodaemon=true
pidfile=$run/supervisor.pid
logfile=$run/log/supervisor.log
logfile_maxbytes=2MB
logfile_backups=2
childlogdir=$run/log
CONF
        # bin/part itself waits between two tries, so that each of them counts as a start
        for part in $ALL_PARTS; do
            cat <<CONF
[program:$part]
command=$ROOT/bin/part $part $run
directory=$run
autostart=false
autorestart=true
startsecs=0
stopsignal=$(case $part in nginx | php) echo QUIT ;; *) echo TERM ;; esac)
stopwaitsecs=$([ "$part" = database ] && echo 60 || echo 10)
stopasgroup=false
killasgroup=true
redirect_stderr=true
stdout_logfile=$run/log/$part.log
stdout_logfile_maxbytes=5MB
stdout_logfile_backups=3
CONF
        done
    } >"$run/supervisor.conf"
}

supervisor() { as_runner supervisorctl -c "$1/supervisor.conf" "${@:2}"; }

supervised() { [ -f "$1/supervisor.conf" ] && supervisor "$1" pid >/dev/null 2>&1; }

# supervisor_up RUN: starts it unless it runs. Parts that ran without it are ended, and it is said.
supervisor_up() {
    local run=$1 as=()
    supervised "$run" && return 0
    end_orphans "$run"
    own "$run" "$run/log"
    write_supervisor_conf "$run"
    # not through as_runner: a function in the background leaves a shell behind
    [ "$RUNNER" = "$(id -un)" ] || as=(setpriv --reuid "$RUNNER" --regid "$RUNNER" --init-groups --)
    setsid "${as[@]}" supervisord -c "$run/supervisor.conf" >"$run/log/supervisor.out" 2>&1 </dev/null 7>&- 8>&- 9>&- &
    until_true 30 supervisor "$run" pid || die "the supervisor does not start; see $run/log/supervisor.out"
}

# part_up RUN PART, part_again RUN PART, part_down RUN PART
part_up() { supervisor "$1" start "$2" >/dev/null; }
part_down() { supervisor "$1" stop "$2" >/dev/null 2>&1 || true; }
part_again() {
    part_down "$1" "$2"
    part_up "$1" "$2"
}
part_runs() { supervisor "$1" status "$2" 2>/dev/null | grep -q RUNNING; }

# parts_down RUN: ends all parts and their supervisor, and whatever is left of them.
parts_down() {
    local run=$1 part
    if supervised "$run"; then
        # those that use the database first
        for part in nginx php worker reader database; do part_down "$run" "$part"; done
        supervisor "$run" shutdown >/dev/null 2>&1 || true
        until_true 30 unsupervised "$run" || true
    fi
    end_orphans "$run"
}
unsupervised() { ! supervised "$1"; }

# members RUN PART: processes of the part. Each part is started as the leader of a group whose number bin/part notes;
# a number that another program has got since does not count, since its command is not one of ours.
members() {
    local group pid name
    group=$(cat "$1/$2.group" 2>/dev/null) || return 0
    for pid in $(pgrep -g "${group:-0}" 2>/dev/null); do
        name=$(cat "/proc/$pid/comm" 2>/dev/null) || continue
        case $2:$name in
            database:mariadbd | php:php-fpm8.2 | nginx:nginx | worker:php | reader:php | *:part) printf '%s ' "$pid" ;;
        esac
    done
}

# end_orphans RUN: parts that no supervisor watches any more, as after it was killed, or as an older version left them.
end_orphans() {
    local run=$1 part pids old
    for part in nginx php worker reader database; do
        pids=$(members "$run" "$part")
        [ -n "$pids" ] || continue
        say "  $part ran without a supervisor: ended"
        [ "$part" = database ] && kill -TERM $pids 2>/dev/null || kill -9 $pids 2>/dev/null || true
        until_true 60 none_of $pids || kill -9 $pids 2>/dev/null || true
    done
    for old in nginx fpm worker reader; do
        end_by_pid_file "$run/$old.pid" "$run"
    done
    end_by_pid_file "${run%/run}/db/pid" "${run%/run}/db"
}

none_of() {
    local pid
    for pid in "$@"; do
        [ -r "/proc/$pid/stat" ] && ! grep -q '^State:[[:space:]]*Z' "/proc/$pid/status" 2>/dev/null && return 1
    done
    return 0
}

# end_by_pid_file FILE FOLDER: a process of a version before, which noted numbers only; its command names the folder.
end_by_pid_file() {
    local pid
    pid=$(cat "$1" 2>/dev/null) || return 0
    [ -n "$pid" ] || return 0
    [ -r "/proc/$pid/cmdline" ] || return 0
    if tr '\0' ' ' 2>/dev/null <"/proc/$pid/cmdline" | grep -qF "$2"; then
        say "  $(basename "$1" .pid) of an older version ran: ended"
        kill -TERM "$pid" 2>/dev/null || true
        until_true 30 none_of "$pid" || { kill -9 -- "-$pid" || kill -9 "$pid"; } 2>/dev/null || true
        pkill -9 -g "$pid" 2>/dev/null || true
    fi
    rm -f "$1"
}
