-- What shoppers' prices come from: a release says from when on a version of a card counts. Of those that have begun, the
-- latest counts; one that was taken back before it began never does.
create table card_release (
    id           bigint       not null primary key,
    card_id      bigint       not null,
    number       bigint       not null,
    starts       datetime(6)  not null,
    why          varchar(500) not null,
    made_at      datetime(6)  not null,
    made_by      varchar(120) not null,
    withdrawn_at datetime(6)  null,
    key card_release_card (card_id, starts),
    constraint card_release_version foreign key (card_id, number) references rate_card_version (card_id, number)
);

alter table rate_card
    add column paused_at datetime(6) null,
    add column paused_by varchar(120) null;

-- Who changed what, when and why. Before and after are names and figures, so that any two can be told apart.
create table change_entry (
    id           bigint       not null primary key,
    made_at      datetime(6)  not null,
    made_by      varchar(120) not null,
    subject      varchar(10)  not null check (subject in ('CARD', 'PRICES', 'ORDER')),
    subject_id   bigint       not null,
    subject_name varchar(400) not null,
    what         varchar(12)  not null,
    why          varchar(500) not null,
    times        int          not null,
    state_before longtext     not null check (json_valid(state_before)),
    state_after  longtext     not null check (json_valid(state_after)),
    key change_entry_made (made_at, id),
    key change_entry_subject (subject, subject_id, made_at)
);

-- Where goods go to, as the counter lets one say: prices may depend on it.
alter table basket
    add column country char(2) null;

-- A basket's line is one product with one set of answers, so that the same product may stand in several lines.
alter table basket_line
    add column answers  longtext    not null default '{}' check (json_valid(answers)),
    add column pack     varchar(200) null,
    add column variants longtext    not null default '[]' check (json_valid(variants)),
    add column line_key char(64) collate utf8mb4_bin null,
    add unique key basket_line_once (basket_id, line_key);
update basket_line set line_key = sha2(concat('line ', id), 256);
alter table basket_line
    modify column line_key char(64) collate utf8mb4_bin not null,
    drop key basket_line_sku;

-- What was answered, in words, and which version of which card the price came from.
alter table order_line
    modify column card varchar(200) not null,
    add column answers      longtext not null default '[]' check (json_valid(answers)),
    add column card_id      bigint   null,
    add column card_version bigint   null;
