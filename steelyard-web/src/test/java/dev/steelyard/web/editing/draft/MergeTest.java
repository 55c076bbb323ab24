package dev.steelyard.web.editing.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class MergeTest {

    private static final String BASE =
            """
            {'name': 'Boat covers', 'asks': [{'measurement': 'length', 'min': '20'}, {'measurement': 'width', 'min': '20'}],
             'cases': [{'when': 'length > 5 m', 'piece': {'rate': {'price': '9', 'unit': 'm2'}}}, {'piece': {'shelfPrice': true}}],
             'ladder': {'rows': [{'from': '10', 'value': '6.90'}, {'from': '25', 'value': '6.20'}]},
             'covers': {'tags': ['canvas', 'cover']}}""";

    /** What each does to the base, as place = value; what comes of both. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/name = Sails | /ladder/rows/0/value = 6.80 | /name = Sails, /ladder/rows/0/value = 6.80",
                "/ladder/rows/1/value = 6.00 | /ladder/rows/0/value = 6.80 | /ladder/rows/1/value = 6.00, /ladder/rows/0/value = 6.80",
                "/finish/minimum = 9 | /finish/setUp = 2 | /finish/minimum = 9, /finish/setUp = 2",
                "/asks/0/min = 30 | /asks/1/min = 40 | /asks/0/min = 30, /asks/1/min = 40",
                "/cases/0/piece/base = 5 | /cases/0/piece/rate/price = 8 | /cases/0/piece/base = 5, /cases/0/piece/rate/price = 8",
                "/name = Sails | /name = Sails | /name = Sails",
                "/cases/0/when = | /name = Sails | /cases/0/when =, /name = Sails",
            })
    void changesOfDifferentPlacesAreBothTaken(String theirs, String mine, String both) {
        Merge.Result merged = merge(changed(theirs), changed(mine));
        assertThat(merged.conflicts()).isEmpty();
        assertThat(merged.document()).isEqualTo(changed(both));
    }

    /** One writes a label in German, the other the label itself, or in French. */
    @Test
    void aTextIsMergedLanguageByLanguage() {
        DraftDocument base = document("{'language': 'en', 'asks': [{'measurement': 'length', 'label': 'Length'}]}");
        DraftDocument german = base.copy();
        german.put("/asks/0/label/de", "Länge");
        DraftDocument renamed = base.copy();
        renamed.put("/asks/0/label", "How long");
        DraftDocument french = base.copy();
        french.put("/asks/0/label/fr", "Longueur");
        assertThat(labels(base, german, renamed)).isEqualTo("{\"en\":\"How long\",\"de\":\"Länge\"}");
        assertThat(labels(base, renamed, german)).isEqualTo("{\"en\":\"How long\",\"de\":\"Länge\"}");
        assertThat(labels(base, german, french)).isEqualTo("{\"en\":\"Length\",\"de\":\"Länge\",\"fr\":\"Longueur\"}");
        DraftDocument otherwise = base.copy();
        otherwise.put("/asks/0/label/de", "Lang");
        otherwise.put("/asks/0/label", "Long");
        assertThat(Merge.of(base, german, otherwise, Merge.Picked.NOTHING).conflicts())
                .extracting(Merge.Conflict::place)
                .containsExactly("/asks/0/label/de");
    }

    private static String labels(DraftDocument base, DraftDocument theirs, DraftDocument mine) {
        Merge.Result merged = Merge.of(base, theirs, mine, Merge.Picked.NOTHING);
        assertThat(merged.conflicts()).isEmpty();
        return merged.document().at("/asks/0/label").toString();
    }

    @Test
    void whatEachAddedAndTookAwayIsSo() {
        DraftDocument theirs = document(BASE);
        theirs.remove("/asks/0");
        ((ArrayNode) theirs.at("/covers/tags")).add("new");
        DraftDocument mine = document(BASE);
        mine.put("/asks/1/max", "900");
        mine.list("/asks").addObject().put("measurement", "height");
        mine.remove("/covers/tags/0");
        mine.list("/ladder/rows").insertObject(0).put("from", "5").put("value", "7.10");
        DraftDocument merged = merge(theirs, mine).document();
        assertThat(Json.write(merged.at("/asks")))
                .isEqualTo(Json.write(Json.read(
                        "[{\"measurement\":\"width\",\"min\":\"20\",\"max\":\"900\"},{\"measurement\":\"height\"}]")));
        assertThat(merged.at("/ladder/rows").size()).isEqualTo(3);
        assertThat(Json.write(merged.at("/covers/tags"))).isEqualTo(Json.write(Json.read("[\"cover\",\"new\"]")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/name = A | /name = B | /name",
                "/ladder/rows/0/value = 6.80 | /ladder/rows/0/value = 6.70 | /ladder/rows/0/value",
                "/cases/0/piece/rate/price = 10 | /cases/0/piece/rate = | /cases/0/piece",
            })
    void aPlaceThatBothChangedIsAConflictUntilASideIsPicked(String theirs, String mine, String place) {
        Merge.Result open = merge(changed(theirs), changed(mine));
        assertThat(open.conflicts()).extracting(Merge.Conflict::place).containsExactly(place);
        assertThat(Merge.of(document(BASE), changed(theirs), changed(mine), any -> Merge.Side.MINE)
                        .document())
                .isEqualTo(changed(mine));
        assertThat(Merge.of(document(BASE), changed(theirs), changed(mine), any -> Merge.Side.THEIRS)
                        .document())
                .isEqualTo(changed(theirs));
    }

    @Test
    void aRowTakenOffThereAndChangedHereIsAsked() {
        DraftDocument theirs = document(BASE);
        theirs.remove("/ladder/rows/0");
        Merge.Result merged = merge(theirs, changed("/ladder/rows/0/value = 6.70"));
        assertThat(merged.conflicts()).extracting(Merge.Conflict::place).containsExactly("/ladder/rows/0");
        assertThat(merged.conflicts().get(0).theirs().isMissingNode()).isTrue();
    }

    @Test
    void twoWaysToPriceAPieceAreNeverPutTogether() {
        DraftDocument theirs = document(BASE);
        theirs.put("/cases/0/piece", Json.read("{\"formula\": \"1 EUR\"}"));
        DraftDocument mine = document(BASE);
        mine.put("/cases/0/piece", Json.read("{\"none\": true}"));
        Merge.Result merged = merge(theirs, mine);
        assertThat(merged.conflicts()).extracting(Merge.Conflict::place).containsExactly("/cases/0/piece");
        assertThat(merged.document().at("/cases/0/piece").size()).isEqualTo(1);
    }

    @Test
    void oneThresholdThatBothAddedAtAnotherPriceIsAsked() {
        DraftDocument theirs = document(BASE);
        theirs.list("/ladder/rows").addObject().put("from", "50").put("value", "5.90");
        DraftDocument mine = document(BASE);
        mine.list("/ladder/rows").addObject().put("from", "50").put("value", "5.80");
        assertThat(merge(theirs, mine).conflicts())
                .extracting(Merge.Conflict::place)
                .containsExactly("/ladder/rows/+50");
        assertThat(merge(theirs, theirs.copy()).document().at("/ladder/rows").size())
                .isEqualTo(3);
    }

    /** Whoever changes nothing takes the other's; and it is the same from both sides. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void randomChangesNeverLoseASideThatIsAlone(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 200; round++) {
            DraftDocument changed = document(BASE);
            for (int i = 0; i <= random.nextInt(4); i++) {
                change(changed, random);
            }
            assertThat(merge(changed, document(BASE)).document()).isEqualTo(changed);
            assertThat(merge(document(BASE), changed).document()).isEqualTo(changed);
            assertThat(merge(changed, changed.copy()).conflicts()).isEmpty();
            DraftDocument other = document(BASE);
            change(other, random);
            assertThat(merge(changed, other).conflicts().isEmpty())
                    .isEqualTo(merge(other, changed).conflicts().isEmpty());
        }
    }

    private static void change(DraftDocument document, Random random) {
        List<String> lists = List.of("/asks", "/cases", "/ladder/rows");
        String list = lists.get(random.nextInt(lists.size()));
        int size = document.at(list).size();
        switch (random.nextInt(4)) {
            case 0 -> document.put("/name", "Name " + random.nextInt(3));
            case 1 -> {
                if (size > 0) {
                    document.remove(list + "/" + random.nextInt(size));
                }
            }
            case 2 -> document.list(list)
                    .insertObject(random.nextInt(size + 1))
                    .put("from", "" + random.nextInt(99))
                    .put("value", "1");
            default -> {
                if (size > 0) {
                    document.put(list + "/" + random.nextInt(size) + "/value", "" + random.nextInt(9));
                }
            }
        }
    }

    private static Merge.Result merge(DraftDocument theirs, DraftDocument mine) {
        return Merge.of(document(BASE), theirs, mine, Merge.Picked.NOTHING);
    }

    private static DraftDocument changed(String changes) {
        DraftDocument document = document(BASE);
        for (String change : changes.split(", ")) {
            String[] parts = change.split(" =", 2);
            document.put(parts[0].strip(), parts[1].strip());
        }
        return document;
    }

    private static DraftDocument document(String json) {
        return DraftDocument.of((ObjectNode) Json.read(json.replace('\'', '"')));
    }
}
