-- Lots now say how far they are sold. One without a limit was sold as far as anything is.
update draft_version
   set document = json_set(document, '$.ladder.upTo', '1000000')
 where json_value(document, '$.ladder.mode') = 'lot' and json_value(document, '$.ladder.upTo') is null;

-- Pictures of options are the shop's own; one that leads elsewhere was never shown.
update draft_version
   set document = regexp_replace(document, '"picture"\\s*:\\s*"(?!/pictures/[0-9a-f]{64}\\.png"|/assets(/[A-Za-z0-9_-]+)+\\.(svg|png|webp|jpg)")[^"]*"', '"picture": null')
 where document like '%"picture"%';
