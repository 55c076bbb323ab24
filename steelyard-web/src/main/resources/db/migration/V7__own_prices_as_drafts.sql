-- Own prices are edited as drafts too. What counts of them stands with the goods, where sheets write it as well: “known” is
-- how the draft last saw it, and a release that was planned says when it was brought there.
alter table draft
    modify column kind varchar(4) not null default 'CARD' check (kind in ('CARD', 'DEAL', 'ROWS')),
    add column known longtext null;
alter table draft_release
    add column applied_at datetime(6) null,
    add key draft_release_due (applied_at, withdrawn_at, starts);
alter table change_entry
    modify column subject varchar(10) not null check (subject in ('CARD', 'PRICES', 'ROWS', 'ORDER', 'DEAL', 'DEAL_ORDER', 'TAX', 'BATCH', 'GOODS', 'SHOP', 'SIGN_IN'));
