create table SPRING_SESSION (
    PRIMARY_ID char(36) not null,
    SESSION_ID char(36) not null,
    CREATION_TIME bigint not null,
    LAST_ACCESS_TIME bigint not null,
    MAX_INACTIVE_INTERVAL int not null,
    EXPIRY_TIME bigint not null,
    PRINCIPAL_NAME varchar(100),
    constraint SPRING_SESSION_PK primary key (PRIMARY_ID)
);

create unique index SPRING_SESSION_IX1 on SPRING_SESSION (SESSION_ID);
create index SPRING_SESSION_IX2 on SPRING_SESSION (EXPIRY_TIME);
create index SPRING_SESSION_IX3 on SPRING_SESSION (PRINCIPAL_NAME);

create table SPRING_SESSION_ATTRIBUTES (
    SESSION_PRIMARY_ID char(36) not null,
    ATTRIBUTE_NAME varchar(200) not null,
    ATTRIBUTE_BYTES longblob not null,
    constraint SPRING_SESSION_ATTRIBUTES_PK primary key (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
    constraint SPRING_SESSION_ATTRIBUTES_FK foreign key (SESSION_PRIMARY_ID)
        references SPRING_SESSION (PRIMARY_ID) on delete cascade
);

create table account (
    id uuid not null primary key,
    username varchar(60) not null unique,
    display_name varchar(120) not null,
    role varchar(20) not null,
    password_hash varchar(100) not null,
    created_at datetime(6) not null
);

create table canning_case (
    id uuid not null primary key,
    canner_name varchar(120) not null,
    place varchar(120) not null,
    altitude_ft int,
    canner varchar(30),
    jars varchar(20) not null,
    jars_out_at datetime(6),
    recipe_text mediumtext not null,
    assertions longtext not null,
    title varchar(200) not null,
    created_at datetime(6) not null,
    created_by varchar(120) not null,
    version int not null
);

create index canning_case_created on canning_case (created_at);

create table case_review (
    id uuid not null primary key,
    case_id uuid not null,
    outcome varchar(10) not null,
    worst_open varchar(10) not null,
    guide varchar(120) not null,
    engine varchar(40) not null,
    document longtext not null,
    reviewed_at datetime(6) not null,
    reviewed_by varchar(120) not null,
    constraint case_review_case foreign key (case_id) references canning_case (id) on delete cascade
);

create index case_review_latest on case_review (case_id, reviewed_at);

create table reply (
    case_id uuid not null primary key,
    body mediumtext not null,
    edited_at datetime(6) not null,
    edited_by varchar(120) not null,
    version int not null,
    constraint reply_case foreign key (case_id) references canning_case (id) on delete cascade
);
