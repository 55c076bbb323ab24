-- Saltmarsh Chandlery, a made-up ship chandler. Ids below 1000 are the demo's; the sequence begins above.
insert into tax_class (id, name) values (1, 'Standard'), (2, 'Reduced');
insert into tax_rate (id, tax_class_id, country, rate) values
    (1, 1, 'DE', 19), (2, 2, 'DE', 7), (3, 1, 'FR', 20), (4, 2, 'FR', 5.5), (5, 1, 'NL', 21), (6, 2, 'NL', 9),
    (7, 1, 'IE', 23), (8, 1, 'AT', 20), (9, 2, 'AT', 10);
insert into customer_group (id, name, sees_without_tax) values (1, 'Boatyard', true), (2, 'Sailing school', true), (3, 'Crew club', false);
insert into brand (id, name) values (1, 'Grannock'), (2, 'Tidewell'), (3, 'Loftman & Daughters'), (4, 'Pellham');
insert into category (id, parent_id, name, position) values
    (1, null, 'Rope & chain', 1), (2, null, 'Hardware', 2), (3, null, 'Made to measure', 3), (4, null, 'Paint & care', 4),
    (5, null, 'Signals', 5);

insert into product (id, sku, name, description, drawing, brand_id, tax_class_id, shelf_price, unit_cost,
                     unit_price_decimals, rows_over, removed_at, changed_at, changed_by, version) values
    (1, 'SHK', 'Bow shackle', 'Stainless, forged, with a captive pin.', 'shackle', 1, 1, 7.40, 4.15, null, 'PRODUCT', null, '2026-11-03 08:12:00', 'Maren', 1),
    (2, 'ROPE-12', 'Three-strand rope 12 mm', 'Pre-stretched polyester, off the drum.', 'rope', 2, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (3, 'SCR-4x40', 'Stainless screw 4 × 40, loose', 'Countersunk, A4, sold by the piece.', 'screw', 1, 1, 0.0890, 0.0390, 4, 'LINE', null, '2026-11-03 08:30:00', 'Jonas', 1),
    (4, 'TRAY-W', 'Wood screws by the tray', 'Two hundred to the tray, silicon bronze.', 'tray', 1, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (5, 'CHN-8', 'Anchor chain 8 mm', 'Short link, hot-dip galvanised, cut to length.', 'chain', 1, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (6, 'LEAD', 'Lead ballast', 'Clean ingots, or cast to the kilo you need.', 'ballast', 4, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (7, 'COVER', 'Boat cover, made to measure', 'UV-proof acrylic, double-stitched.', 'cover', 3, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (8, 'CUSHION', 'Berth cushion', 'Foam cut to your berth, covered to choice.', 'cushion', 3, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (9, 'WINDOW', 'Hatch window, acrylic', 'Edges polished, corners rounded.', 'window', 3, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (10, 'BRASS', 'Brass bar, cut', 'Round bar, sawn square.', 'bar', 4, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (11, 'PAINT', 'Antifouling paint', 'Hard matrix, for hulls in salt water.', 'paint', 2, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (12, 'FLAGS', 'Signal flag set', 'Forty flags, sewn, in a canvas roll.', 'flags', 3, 1, null, null, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1),
    (13, 'BRU-1', 'Deck brush', 'Stiff, with a long ash handle.', 'brush', 2, 1, 15.00, 8.20, null, 'LINE', null, '2026-11-02 09:00:00', 'Maren', 1);

insert into product_category (product_id, category_id) values
    (1, 2), (2, 1), (3, 2), (4, 2), (5, 1), (6, 2), (7, 3), (8, 3), (9, 3), (10, 3), (11, 4), (12, 5), (13, 4);

insert into variant (id, product_id, sku, name, position, shelf_price, unit_cost) values
    (1, 1, 'SHK-6', '6 mm', 1, 5.60, 3.10),
    (2, 1, 'SHK-8', '8 mm', 2, null, null),
    (3, 1, 'SHK-10', '10 mm', 3, 9.80, 5.60),
    (4, 12, 'FLAGS-C', 'cotton', 1, null, null),
    (5, 12, 'FLAGS-P', 'polyester', 2, null, null),
    (6, 12, 'FLAGS-N', 'nylon', 3, null, null);

insert into category_wording (category_id, language, name) values
    (1, 'de', 'Tauwerk & Ketten'), (1, 'fr', 'Cordages et chaînes'), (1, 'nl', 'Touw & ketting'),
    (2, 'de', 'Beschläge'), (2, 'fr', 'Accastillage'), (2, 'nl', 'Beslag'),
    (3, 'de', 'Nach Maß'), (3, 'fr', 'Sur mesure'), (3, 'nl', 'Op maat'),
    (4, 'de', 'Farbe & Pflege'), (4, 'fr', 'Peinture et entretien'), (4, 'nl', 'Verf & onderhoud'),
    (5, 'de', 'Signale'), (5, 'fr', 'Signaux'), (5, 'nl', 'Seinen');

insert into goods_wording (product_id, variant_id, language, name, description) values
    (1, 0, 'de', 'Schäkel, geschweift', 'Edelstahl, geschmiedet, mit unverlierbarem Bolzen.'),
    (1, 0, 'fr', 'Manille lyre', 'Inox forgé, à axe imperdable.'),
    (1, 0, 'nl', 'Harpsluiting', 'Roestvrij, gesmeed, met borgbout.'),
    (2, 0, 'de', 'Dreischäftiges Tauwerk 12 mm', 'Vorgerecktes Polyester, von der Trommel.'),
    (2, 0, 'fr', 'Cordage trois torons 12 mm', 'Polyester préétiré, au touret.'),
    (2, 0, 'nl', 'Driestrengs touw 12 mm', 'Voorgerekt polyester, van de haspel.'),
    (3, 0, 'de', 'Edelstahlschraube 4 × 40, lose', 'Senkkopf, A4, stückweise verkauft.'),
    (3, 0, 'fr', 'Vis inox 4 × 40, en vrac', 'Tête fraisée, A4, vendue à la pièce.'),
    (3, 0, 'nl', 'Roestvrije schroef 4 × 40, los', 'Verzonken, A4, per stuk verkocht.'),
    (4, 0, 'de', 'Holzschrauben im Kasten', 'Zweihundert im Kasten, Siliziumbronze.'),
    (4, 0, 'fr', 'Vis à bois en bac', 'Deux cents par bac, bronze au silicium.'),
    (4, 0, 'nl', 'Houtschroeven per bak', 'Tweehonderd per bak, siliciumbrons.'),
    (5, 0, 'de', 'Ankerkette 8 mm', 'Kurzgliedrig, feuerverzinkt, auf Länge geschnitten.'),
    (5, 0, 'fr', 'Chaîne d’ancre 8 mm', 'Maillons courts, galvanisée à chaud, coupée à longueur.'),
    (5, 0, 'nl', 'Ankerketting 8 mm', 'Korte schakel, thermisch verzinkt, op lengte geknipt.'),
    (6, 0, 'de', 'Bleiballast', 'Saubere Barren, oder auf das Kilo gegossen.'),
    (6, 0, 'fr', 'Lest de plomb', 'Lingots propres, ou coulés au kilo voulu.'),
    (6, 0, 'nl', 'Loodballast', 'Schone staven, of op de kilo gegoten.'),
    (7, 0, 'de', 'Bootsplane nach Maß', 'UV-festes Acryl, doppelt genäht.'),
    (7, 0, 'fr', 'Taud sur mesure', 'Acrylique résistant aux UV, double couture.'),
    (7, 0, 'nl', 'Dekzeil op maat', 'Uv-bestendig acryl, dubbel gestikt.'),
    (8, 0, 'de', 'Kojenpolster', 'Schaumstoff auf Ihre Koje geschnitten, bezogen nach Wahl.'),
    (8, 0, 'fr', 'Coussin de couchette', 'Mousse coupée à votre couchette, housse au choix.'),
    (8, 0, 'nl', 'Kooikussen', 'Schuim gesneden voor uw kooi, bekleed naar keuze.'),
    (9, 0, 'de', 'Lukenscheibe, Acryl', 'Kanten poliert, Ecken gerundet.'),
    (9, 0, 'fr', 'Vitre de capot, acrylique', 'Chants polis, angles arrondis.'),
    (9, 0, 'nl', 'Luikraam, acryl', 'Randen gepolijst, hoeken afgerond.'),
    (10, 0, 'de', 'Messingstange, zugeschnitten', 'Rundstange, gerade gesägt.'),
    (10, 0, 'fr', 'Barre de laiton, coupée', 'Barre ronde, sciée d’équerre.'),
    (10, 0, 'nl', 'Messingstaaf, gezaagd', 'Ronde staaf, recht gezaagd.'),
    (11, 0, 'de', 'Antifouling', 'Harte Matrix, für Rümpfe in Salzwasser.'),
    (11, 0, 'fr', 'Peinture antisalissure', 'Matrice dure, pour coques en eau salée.'),
    (11, 0, 'nl', 'Antifouling', 'Harde matrix, voor rompen in zout water.'),
    (12, 0, 'de', 'Signalflaggensatz', 'Vierzig Flaggen, genäht, in einer Segeltuchrolle.'),
    (12, 0, 'fr', 'Jeu de pavillons', 'Quarante pavillons cousus, dans un rouleau de toile.'),
    (12, 0, 'nl', 'Set seinvlaggen', 'Veertig vlaggen, genaaid, in een canvas rol.'),
    (13, 0, 'de', 'Deckbürste', 'Steif, mit langem Eschenstiel.'),
    (13, 0, 'fr', 'Brosse de pont', 'Dure, à long manche de frêne.'),
    (13, 0, 'nl', 'Dekborstel', 'Stijf, met lange essen steel.'),
    (12, 4, 'de', 'Baumwolle', ''),
    (12, 4, 'fr', 'coton', ''),
    (12, 4, 'nl', 'katoen', ''),
    (12, 5, 'de', 'Polyester', ''),
    (12, 5, 'fr', 'polyester', ''),
    (12, 5, 'nl', 'polyester', ''),
    (12, 6, 'de', 'Nylon', ''),
    (12, 6, 'fr', 'nylon', ''),
    (12, 6, 'nl', 'nylon', '');

insert into price_row (id, product_id, variant_id, group_id, from_pieces, price) values
    (1, 1, null, null, 10, 6.90), (2, 1, null, null, 25, 6.20), (3, 1, null, null, 100, 5.45),
    (4, 1, null, 1, 10, 6.35), (5, 1, null, 1, 100, 4.95),
    (6, 1, 1, null, 10, 5.20), (7, 1, 1, null, 25, 4.70), (8, 1, 1, null, 100, 4.15), (9, 1, 1, 1, 10, 4.80),
    (10, 1, 3, null, 10, 9.10), (11, 1, 3, null, 25, 8.20), (12, 1, 3, null, 100, 7.25), (13, 1, 3, 1, 10, 8.40),
    (20, 3, null, null, 100, 0.0823), (21, 3, null, null, 500, 0.0730), (22, 3, null, null, 2000, 0.0614),
    (30, 13, null, null, 6, 13.20), (31, 13, null, 2, 6, 12.50);
insert into price_row (id, product_id, variant_id, group_id, from_pieces, price, starts, ends) values
    (32, 13, null, null, 2, 12.00, '2027-04-01', '2027-05-01');

insert into shop (id, name, currency, zone, unit_price_decimals, smallest_margin, revision, home_country, be_another, address,
    tax_number, order_prefix, languages)
values (1, 'Saltmarsh Chandlery', 'EUR', 'Europe/Berlin', 2, 20, 1, 'DE', true, 'The Old Quay 4\nSaltmarsh', 'DE 000 000 000', 'SM-',
    'en,de,fr,nl');
update product set tax_class_id = 2 where sku = 'FLAGS';

update product set type = 'Fitting', supplier = 'Harlow Forge' where id in (1, 3, 4);
update product set type = 'By length', supplier = 'Northquay Cordage' where id in (2, 5);
update product set type = 'Made to order', supplier = 'Own workshop' where id in (7, 8, 9, 10);
update product set type = 'Consumable', supplier = 'Northquay Cordage' where id in (6, 11, 13);
update product set type = 'Signal', supplier = 'Own workshop' where id = 12;
insert into product_tag (product_id, tag) values
    (1, 'stainless'), (3, 'stainless'), (7, 'winter'), (8, 'cabin'), (11, 'spring'), (13, 'spring'), (12, 'gift');
