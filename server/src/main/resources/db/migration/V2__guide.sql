-- What the office read against print and added of its own. Rows are added, never changed: the newest of a row counts.
create table guide_reading (
    seq bigint not null auto_increment primary key,
    row_key varchar(160) not null,
    kind varchar(20) not null,
    printed longtext not null,
    edition varchar(120) not null,
    page varchar(60) not null,
    person varchar(120) not null,
    username varchar(60) not null,
    at datetime(6) not null
);

create index guide_reading_row on guide_reading (row_key, seq);

create table guide_entry (
    seq bigint not null auto_increment primary key,
    kind varchar(20) not null,
    entry_id varchar(120) not null,
    document longtext,
    person varchar(120) not null,
    at datetime(6) not null
);

create index guide_entry_id on guide_entry (kind, entry_id, seq);

-- The rows each review rests on.
create table review_row (
    review_id uuid not null,
    row_key varchar(160) not null,
    primary key (review_id, row_key),
    constraint review_row_review foreign key (review_id) references case_review (id) on delete cascade
);

create index review_row_key on review_row (row_key);

create table phone_call (
    id uuid not null primary key,
    words varchar(300) not null,
    process varchar(160),
    altitude_ft int,
    person varchar(120) not null,
    at datetime(6) not null
);

create index phone_call_at on phone_call (at);
