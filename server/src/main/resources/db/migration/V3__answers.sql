-- Signed answers: what was said to whom, on which edition. A row is written once; reopening and sending are noted on it.
create table answer (
    id uuid not null primary key,
    case_id uuid not null,
    number int not null,
    title varchar(200) not null,
    canner_name varchar(120) not null,
    place varchar(120) not null,
    body mediumtext not null,
    outcome varchar(10) not null,
    guide varchar(120) not null,
    engine varchar(40) not null,
    row_states longtext not null,
    signed_by varchar(120) not null,
    signed_at datetime(6) not null,
    reopened_by varchar(120),
    reopened_at datetime(6),
    reopened_why varchar(400),
    sent_by varchar(120),
    sent_at datetime(6),
    sent_to varchar(200),
    version int not null,
    constraint answer_number unique (case_id, number),
    constraint answer_case foreign key (case_id) references canning_case (id)
);

create index answer_signed on answer (signed_at);

-- What would go out by mail; the demo has no other way out.
create table outbox_letter (
    id uuid not null primary key,
    answer_id uuid not null,
    recipient varchar(200) not null,
    subject varchar(250) not null,
    message mediumtext not null,
    written_at datetime(6) not null,
    constraint outbox_answer foreign key (answer_id) references answer (id)
);

-- Who did what, when. Each event carries the digest of the one before it, and the database refuses to change or remove any.
create table audit_event (
    seq bigint not null auto_increment primary key,
    happened_at datetime(6) not null,
    username varchar(60) not null,
    person varchar(120) not null,
    deed varchar(40) not null,
    case_id uuid,
    detail varchar(400) not null,
    previous char(64) not null,
    digest char(64) not null
);

create index audit_event_case on audit_event (case_id);

create trigger audit_event_stands before update on audit_event
    for each row signal sqlstate '45000' set message_text = 'an event on record is never changed';

create trigger audit_event_stays before delete on audit_event
    for each row signal sqlstate '45000' set message_text = 'an event on record is never removed';
