# As whom the parts run: started by root they run as a system user, which owns what they write and can read the rest.

SYSTEM_USER=fresh-tack
RUNNER=$(id -un)

# choose_runner: sets RUNNER; says why where it can't be the system user.
choose_runner() {
    [ "$(id -u)" -eq 0 ] || return 0
    getent passwd "$SYSTEM_USER" >/dev/null \
        || useradd --system --user-group --home-dir /nonexistent --no-create-home --shell /usr/sbin/nologin "$SYSTEM_USER"
    # some libraries come packed as readable by their owner only
    [ -z "$(find "$ROOT/vendor" ! -perm -o=r -print -quit 2>/dev/null)" ] || chmod -R a+rX "$ROOT/vendor/"
    if reaches "$ROOT/public/build/index.html" && reaches "$ROOT/vendor/autoload.php" && reaches "$ROOT/bin/part" && reaches "$ROOT/src/Kernel.php"; then
        RUNNER=$SYSTEM_USER
    else
        RUNNER=root
        say "  the user $SYSTEM_USER can't read $ROOT: everything runs as root. Put the checkout where others can read it, /srv/fresh-tack for example."
    fi
}

reaches() { setpriv --reuid "$SYSTEM_USER" --regid "$SYSTEM_USER" --init-groups -- test -r "$1"; }

# as_runner COMMAND…
as_runner() {
    if [ "$RUNNER" = "$(id -un)" ]; then
        "$@"
    else
        setpriv --reuid "$RUNNER" --regid "$RUNNER" --init-groups -- "$@"
    fi
}

# own FOLDER…: makes folders that only the runner can enter, and gives it what lies in them already.
own() {
    local folder
    for folder in "$@"; do
        mkdir -p "$folder" || die "no right to make $folder"
        [ "$(stat -c %U "$folder")" = "$RUNNER" ] || [ "$(id -u)" -ne 0 ] || chown -R "$RUNNER:" "$folder"
        chmod 700 "$folder" || die "$folder belongs to another user; start as that user or as root"
    done
}

# own_files FOLDER: gives what the caller put there to the runner.
own_files() { [ "$RUNNER" = "$(id -un)" ] || chown -R "$RUNNER:" "$1"; }

# private_folder FOLDER: where sockets of FOLDER lie. A socket's path may have about 100 characters, and a checkout
# may lie deep: then it is a folder under /tmp, named after FOLDER, that nobody else can enter.
private_folder() {
    local folder=$1
    if [ ${#folder} -gt 70 ]; then
        folder="/tmp/$SYSTEM_USER-$(printf '%s' "$1" | sha256sum | cut -c1-16)"
        mkdir -m 700 "$folder" 2>/dev/null && chown "$RUNNER:" "$folder"
        [ ! -L "$folder" ] && [ "$(stat -c '%U %a' "$folder")" = "$RUNNER 700" ] || die "$folder is not ours; remove it"
    fi
    printf '%s' "$folder"
}
