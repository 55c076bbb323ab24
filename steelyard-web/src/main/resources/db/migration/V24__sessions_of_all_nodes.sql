-- What a browser's session holds, so that any node can go on with it. Named and shaped as Spring Session asks.
create table WEB_SESSION (
    PRIMARY_ID            char(36)     character set ascii not null primary key,
    SESSION_ID            char(36)     character set ascii not null,
    CREATION_TIME         bigint       not null,
    LAST_ACCESS_TIME      bigint       not null,
    MAX_INACTIVE_INTERVAL int          not null,
    EXPIRY_TIME           bigint       not null,
    PRINCIPAL_NAME        varchar(100) null,
    unique key web_session_id (SESSION_ID),
    key web_session_expiry (EXPIRY_TIME),
    key web_session_principal (PRINCIPAL_NAME)
);

create table WEB_SESSION_ATTRIBUTES (
    SESSION_PRIMARY_ID char(36)     character set ascii not null,
    ATTRIBUTE_NAME     varchar(200) not null,
    ATTRIBUTE_BYTES    blob         not null,
    primary key (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
    constraint web_session_attributes_session foreign key (SESSION_PRIMARY_ID) references WEB_SESSION (PRIMARY_ID) on delete cascade
);
