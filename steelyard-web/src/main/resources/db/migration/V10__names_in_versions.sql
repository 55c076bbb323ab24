-- Names in a version change where what they mean is renamed; whoever keeps what was made of a version sees it by this.
alter table draft_version
    add column renamed int not null default 0;
