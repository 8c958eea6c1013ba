-- Questions that came by the public form. Only the digest of the private link is kept.
create table public_question (
    case_id uuid not null primary key,
    reference varchar(12) not null unique,
    token_digest varchar(64) not null unique,
    sent_at datetime(6) not null,
    constraint public_question_case foreign key (case_id) references canning_case (id) on delete cascade
);

-- Who knocked when, for the limits of the form; rows live a day. The address is kept as a digest only.
create table public_knock (
    seq bigint not null auto_increment primary key,
    address_digest varchar(64) not null,
    at datetime(6) not null
);

create index public_knock_address on public_knock (address_digest, at);

-- All cases reviewed again after the guide changed. One run for each guide, whichever server takes it.
create table recheck (
    id uuid not null primary key,
    guide varchar(120) not null unique,
    started_at datetime(6) not null,
    beat_at datetime(6) not null,
    finished_at datetime(6),
    runner varchar(40) not null,
    total int not null,
    done int not null
);

create table recheck_change (
    recheck_id uuid not null,
    case_id uuid not null,
    before_call varchar(10) not null,
    after_call varchar(10) not null,
    before_figures varchar(300) not null,
    after_figures varchar(300) not null,
    drafted_at datetime(6),
    primary key (recheck_id, case_id),
    constraint recheck_change_run foreign key (recheck_id) references recheck (id) on delete cascade,
    constraint recheck_change_case foreign key (case_id) references canning_case (id) on delete cascade
);

-- Recipes to practise on, and how volunteers marked them.
create table exercise (
    id uuid not null primary key,
    title varchar(200) not null,
    recipe_text mediumtext not null,
    altitude_ft int,
    level int not null,
    made_by varchar(120) not null,
    made_at datetime(6) not null
);

create table attempt (
    id uuid not null primary key,
    exercise_id uuid not null,
    username varchar(60) not null,
    person varchar(120) not null,
    marks longtext not null,
    score int not null,
    at datetime(6) not null,
    constraint attempt_exercise foreign key (exercise_id) references exercise (id) on delete cascade
);

create index attempt_username on attempt (username, at);

create table import_run (
    id uuid not null primary key,
    person varchar(120) not null,
    started_at datetime(6) not null,
    finished_at datetime(6),
    total int not null,
    done int not null,
    report longtext not null
);
