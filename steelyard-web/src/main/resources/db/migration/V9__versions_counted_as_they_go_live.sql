-- What went live is counted: 1 for the first, whatever number of edits there was before. One that goes live again keeps its own.
alter table draft_release
    add column version int not null default 0;
update draft_release r
    join (select draft_id, number, row_number() over (partition by draft_id order by min(made_at), min(id)) as called
          from draft_release group by draft_id, number) c
        on c.draft_id = r.draft_id and c.number = r.number
set r.version = c.called;

-- Orders and history said the number of the edit.
update order_line l join draft_release r on r.draft_id = l.card_id and r.number = l.card_version
set l.card_version = r.version;
update shop_order o
set o.deals = (select json_arrayagg(json_set(d.deal, '$.version', coalesce(
            (select max(r.version) from draft_release r
             where r.draft_id = json_value(d.deal, '$.id') and r.number = json_value(d.deal, '$.version')), 0))
            order by d.place)
        from json_table(o.deals, '$[*]' columns (place for ordinality, deal json path '$')) d)
where json_length(o.deals) > 0;
update change_entry c
    join draft_release r on r.draft_id = c.subject_id and r.number = json_value(c.state_after, '$.version')
set c.state_after = json_set(c.state_after, '$.called', concat(r.version))
where c.subject in ('CARD', 'DEAL', 'ROWS') and c.what in ('LIVE', 'SCHEDULED', 'WENT_BACK', 'WITHDRAWN');
