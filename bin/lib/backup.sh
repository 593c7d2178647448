# Reads a backup through, and brings the database of this instance up to date with care.

# Unpacks a backup and checks that nothing of it is missing or other than it was written: check_backup FILE INTO
check_backup() {
    mkdir -p "$2"
    tar -xzf "$1" -C "$2" 2>/dev/null || return 1
    [ -s "$2/backup/SHA256SUMS" ] && (cd "$2/backup" && sha256sum --quiet --strict -c SHA256SUMS >/dev/null 2>&1) || return 1
    tail -n 3 "$2/backup/database.sql" | grep -q '^-- Dump completed'
}

tables_of() { db_root -N -B -e "SELECT table_name FROM information_schema.tables WHERE table_schema = '$1'"; }

# New tables and columns, after a backup where there is something to lose.
migrate_carefully() {
    if [ -n "$(tables_of "$DB_NAME")" ] && artisan migrate:status --pending 2>/dev/null | grep -q Pending; then
        say "The database is brought up to date; first a backup:"
        "$ROOT/bin/backup" || return 1
    fi
    artisan migrate --force --quiet
}
