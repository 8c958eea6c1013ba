#!/usr/bin/env bash
# Backup and restore on a small desk of its own: what was written comes back, and what is damaged changes nothing.
set -euo pipefail
source "$1/oilcloth"
data=$2
db="$data/db"

on_desk() { # what to do while the database is up
    db_start "$db" "$(free_port 3716)" --innodb-flush-log-at-trx-commit=0
    "$@"
    db_stop "$db"
    while [ -e "$db/m.pid" ]; do sleep 0.1; done
}
fill() {
    sql "$db" "create table oilcloth.canning_case (id int primary key, recipe_text mediumtext, photo longblob);
        insert into oilcloth.canning_case values (1, 'Figs ½ pint, “lemon” \\\\ and \\n a line', x'00ff27220a5c');
        create table oilcloth.audit_event (seq int primary key);
        insert into oilcloth.audit_event values (1);
        use oilcloth; create trigger stays before delete on audit_event for each row signal sqlstate '45000'"
}
spoil() { sql "$db" "update oilcloth.canning_case set recipe_text = 'spoiled'; insert into oilcloth.audit_event values (2)"; }
look() { sql "$db" "select hex(recipe_text), hex(photo) from oilcloth.canning_case; select count(*) from oilcloth.audit_event"; }
guarded() { ! sql "$db" "delete from oilcloth.audit_event" 2>/dev/null || die "the trail lost its guard"; }

mkdir -p "$data"
on_desk fill
before=$(on_desk look)
(backup "$data/desk.sql.gz")
! (backup "$data/desk.sql.gz") 2>/dev/null || die "a backup was written over"
on_desk spoil
head -c 100 "$data/desk.sql.gz" >"$data/half.sql.gz"
! (restore "$data/half.sql.gz") 2>/dev/null || die "half a backup was taken"
[[ $(on_desk look) == *$'\n2' ]] || die "a damaged backup changed the desk"
(restore "$data/desk.sql.gz")
[ "$(on_desk look)" = "$before" ] || die "the desk did not come back as it was"
on_desk guarded
ls "$data"/before-restore-*.sql.gz >/dev/null || die "the desk of before was not kept"
say "all of it came back"
