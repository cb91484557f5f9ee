# A private MariaDB on loopback, run as RUNNER. Its superuser is RUNNER itself, known by the socket and by nothing else.

# make_database_folder: prepares $DB_DIR, made by this version or brought along from one before.
make_database_folder() {
    # secure_file_priv names the only folder that files may be read from and written to
    own "$DB_DIR" "$DB_DIR/tmp" "$DB_DIR/files"
    if [ ! -d "$DB_DIR/data/mysql" ]; then
        as_runner mariadb-install-db --no-defaults --user="$RUNNER" --datadir="$DB_DIR/data" \
            --auth-root-authentication-method=socket --auth-root-socket-user="$RUNNER" --skip-test-db >"$DB_DIR/install.log" 2>&1 \
            || die "the database could not be set up; see $DB_DIR/install.log"
    fi
    own "$DB_DIR/data"
    write_superuser
}

# The statements that run before anybody is let in, at every start: one superuser, through the socket only. Folders of
# versions before let root in without a password.
write_superuser() {
    cat >"$DB_DIR/superuser.sql" <<SQL
CREATE USER IF NOT EXISTS '$RUNNER'@'localhost' IDENTIFIED VIA unix_socket;
ALTER USER '$RUNNER'@'localhost' IDENTIFIED VIA unix_socket;
GRANT ALL PRIVILEGES ON *.* TO '$RUNNER'@'localhost' WITH GRANT OPTION;
BEGIN NOT ATOMIC FOR other IN (SELECT User AS name, Host AS at FROM mysql.user WHERE (Super_priv = 'Y' OR User IN ('root', '')) AND User <> 'mariadb.sys' AND NOT (User = '$RUNNER' AND Host = 'localhost')) DO EXECUTE IMMEDIATE CONCAT('DROP USER ', QUOTE(other.name), '@', QUOTE(other.at)); END FOR; END;
SQL
    [ "$RUNNER" = "$(id -un)" ] || chown "$RUNNER:" "$DB_DIR/superuser.sql"
}

socket_of() { printf '%s/database.sock' "$(private_folder "$1")"; }

# sql ARGUMENT…: the client, as the superuser.
sql() { as_runner mariadb --no-defaults -u "$RUNNER" -S "$(socket_of "$DB_DIR")" "$@"; }

database_answers() { sql -N -e 'SELECT 1'; }

# database_up RUN: starts it if it does not answer; settings must be written and the supervisor must run.
database_up() {
    part_runs "$1" database && until_true 30 database_answers && return 0
    make_database_folder
    part_runs "$1" database || port_free "$DB_PORT" || die "port $DB_PORT, for the database, is taken by another program"
    part_again "$1" database
    until_true 90 database_answers || die "the database does not start; see $1/log/database.log"
}

# database_accounts NAME OWNER_PASSWORD APP_PASSWORD: the owner may do anything in databases whose name begins so; the
# application gets its rights table by table (bin/console data:rights), and none by this.
database_accounts() {
    local like=${1//_/\\_}%
    # a restore has put another one in its place
    [ -L "$FRESH_TACK_DATA_DIR/live" ] || sql -e "CREATE DATABASE IF NOT EXISTS $1 CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
    sql -e "
        CREATE USER IF NOT EXISTS ${1}_owner@'127.0.0.1'; ALTER USER ${1}_owner@'127.0.0.1' IDENTIFIED BY '$2';
        CREATE USER IF NOT EXISTS ${1}_app@'127.0.0.1'; ALTER USER ${1}_app@'127.0.0.1' IDENTIFIED BY '$3';
        REVOKE ALL PRIVILEGES ON *.* FROM ${1}_app@'127.0.0.1';
        GRANT ALL ON \`$like\`.* TO ${1}_owner@'127.0.0.1' WITH GRANT OPTION;"
    # as versions before gave them
    for account in owner app; do
        sql -e "REVOKE ALL PRIVILEGES ON $1.* FROM ${1}_$account@'127.0.0.1'" >/dev/null 2>&1 || true
    done
}

database_url() { printf 'mysql://%s:%s@127.0.0.1:%s/%s?serverVersion=10.11.11-MariaDB&charset=utf8mb4' "$1" "$2" "$DB_PORT" "$3"; }
