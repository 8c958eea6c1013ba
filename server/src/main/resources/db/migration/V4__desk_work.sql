-- People come and go: an invitation or a reset is a code that is good once; who left cannot sign in.
alter table account
    add column left_at datetime(6),
    add column code_digest varchar(64),
    add column code_until datetime(6);

alter table canning_case
    add column contact varchar(200) not null default '',
    add column language varchar(5) not null default 'EN';

-- What Incoming, search and the reports look a case up by: the latest review in brief, and every word worth finding.
create table case_index (
    case_id uuid not null primary key,
    outcome varchar(10) not null,
    worst_open varchar(10) not null,
    reviewed_at datetime(6) not null,
    food varchar(120) not null,
    method varchar(20) not null,
    process varchar(160) not null,
    likeness bigint not null,
    words mediumtext not null,
    constraint case_index_case foreign key (case_id) references canning_case (id) on delete cascade
);

-- Every word counts: a canner may ask about "the" in a title, and a short list of ignored words would hide it.
set session innodb_ft_enable_stopword = 0;
create fulltext index case_index_words on case_index (words);
set session innodb_ft_enable_stopword = 1;

insert into case_index
select c.id, r.outcome, r.worst_open, r.reviewed_at, '', '', '', 0,
    concat_ws(' ', c.title, c.canner_name, c.place, c.recipe_text)
from canning_case c
join case_review r on r.case_id = c.id
where r.reviewed_at = (select max(l.reviewed_at) from case_review l where l.case_id = c.id);

create table case_code (
    case_id uuid not null,
    code varchar(60) not null,
    severity varchar(10) not null,
    primary key (case_id, code, severity),
    constraint case_code_case foreign key (case_id) references canning_case (id) on delete cascade
);

create index case_code_code on case_code (code);

-- Whose case it is, when to look at it again, and that the canner wrote back.
create table case_desk (
    case_id uuid not null primary key,
    assigned_to varchar(60),
    follow_up date,
    wrote_back_at datetime(6),
    version int not null,
    constraint case_desk_case foreign key (case_id) references canning_case (id) on delete cascade
);

create index case_desk_assigned on case_desk (assigned_to);

create table case_tag (
    case_id uuid not null,
    tag varchar(40) not null,
    primary key (case_id, tag),
    constraint case_tag_case foreign key (case_id) references canning_case (id) on delete cascade
);

create index case_tag_tag on case_tag (tag);

-- What the canner wrote after the first letter.
create table case_message (
    id uuid not null primary key,
    case_id uuid not null,
    words mediumtext not null,
    written_at datetime(6) not null,
    taken_in_by varchar(120) not null,
    constraint case_message_case foreign key (case_id) references canning_case (id) on delete cascade
);

create index case_message_case on case_message (case_id, written_at);

create table case_photo (
    id uuid not null primary key,
    case_id uuid not null,
    content_type varchar(20) not null,
    content longblob not null,
    added_at datetime(6) not null,
    added_by varchar(120) not null,
    constraint case_photo_case foreign key (case_id) references canning_case (id) on delete cascade
);

-- A finding set aside by somebody, with the reason. It is taken back by a date, never removed.
create table dismissal (
    id uuid not null primary key,
    case_id uuid not null,
    code varchar(60) not null,
    severity varchar(10) not null,
    title varchar(300) not null,
    quote varchar(400) not null,
    reason varchar(400) not null,
    person varchar(120) not null,
    at datetime(6) not null,
    taken_back_by varchar(120),
    taken_back_at datetime(6),
    constraint dismissal_case foreign key (case_id) references canning_case (id) on delete cascade
);

create index dismissal_case on dismissal (case_id);

-- Who has a case open now. Rows are short-lived.
create table presence (
    case_id uuid not null,
    username varchar(60) not null,
    person varchar(120) not null,
    room varchar(20) not null,
    seen_at datetime(6) not null,
    primary key (case_id, username)
);

-- The letter as the engine composed it when the draft was begun: what the person changed since is theirs.
alter table reply
    add column composed mediumtext not null default '',
    add column language varchar(5) not null default 'EN';

create table snippet (
    id uuid not null primary key,
    title varchar(120) not null,
    english text not null,
    spanish text not null,
    changed_at datetime(6) not null,
    changed_by varchar(120) not null
);

create table office_setting (
    name varchar(40) not null primary key,
    content varchar(400) not null
);

alter table answer add column language varchar(5) not null default 'EN';
