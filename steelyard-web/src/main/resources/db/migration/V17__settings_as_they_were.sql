-- The fields of a settings form as they stood before a change, so that one can go back to them.
alter table change_entry add column form_before longtext null check (form_before is null or json_valid(form_before));
